import {
  type ChartDefinition,
  type NamedPart,
  parseChart,
  plainChart,
  type SeriesDefinition,
  type StyledYardstick,
} from '../chart';
import { freshId, placeAfter } from '../editing';
import { isSameName } from '../formula';
import { type Written, type Names, readText, phrasesOf } from '../sentences';
import { type Heading, headings, partedLines } from './headings';
import { type Answers, type Asked, identify, nameAtStart } from './identify';
import { dialLine, filterLine, ruleLine, standoutLine, yardstickLine } from './lines';
import { lookLines, type Look, plainLooks } from './lookLines';
import { titleLine } from './newName';
import { versionLine } from './printChart';
import { headLine, markLine, seriesLine } from './seriesLine';
import { ownPlace } from './strokes';
import { writtenLines, type WrittenLine } from './textLines';

/** Why a line of a text cannot be read, in words. */
export interface LineProblem {
  /** from 1 */
  line: number;
  sentence: string;
  /** where in the line, in characters from 0 */
  from: number;
  to: number;
}

/** A chart that was read, as far as its lines could be. */
export interface ChartRead {
  /** null when too little of it could be read */
  chart: ChartDefinition | null;
  problems: LineProblem[];
  /** names that may be those of before: until somebody says which, they are something new */
  asked: readonly Asked[];
}

type Of = NamedPart['of'];

const headingsNamed = `Headings are ${headings.slice(0, -1).join(', ')} and ${headings.at(-1)}.`;

/** Reads one text; it keeps what could not be read of it. */
class ChartReader {
  readonly problems: LineProblem[] = [];
  private readonly comments: Record<string, string> = {};
  private readonly under: Record<Heading, WrittenLine[]>;
  private readonly head: WrittenLine[];
  private readonly ids: NamedPart[];
  private readonly names: Names;

  readonly asked: readonly Asked[];

  constructor(
    text: string,
    private readonly before: ChartDefinition | null,
    around: Names,
    answers: Answers,
  ) {
    const { head, under, headed, astray } = partedLines(writtenLines(text));
    this.head = head;
    this.under = under;
    for (const { heading, line } of headed) this.comment(`heading ${heading}`, line);
    for (const line of astray) this.problem(line, `“${line.text}” is no heading. ${headingsNamed}`);
    const { ids, asked } = identify(under, before, answers);
    this.ids = ids;
    this.asked = asked;
    const of = (kind: Of) => this.ids.filter((part) => part.of === kind);
    this.names = {
      ...around,
      series: of('series'),
      yardstick: of('yardsticks'),
      dial: of('dials'),
    };
  }

  read(): ChartDefinition | null {
    const [version, title, periods] = this.head;
    if (version?.text !== versionLine) {
      const sentence = `A chart begins with the line “${versionLine}”.`;
      this.problem(version ?? { number: 1, text: '' }, sentence);
      return null;
    }
    const titled = title && this.line(titleLine, title, 'title');
    const shown = periods && this.line(headLine, periods, 'periods');
    if (!titled || !shown) {
      if (!title || !periods)
        this.problem(version, 'Under it come a line with the title, and one with the periods.');
      return null;
    }
    const marks = new Map<string, SeriesDefinition['mark']>();
    const isMark = ({ text }: WrittenLine) => !this.part(text, 'series');
    for (const line of this.under.Series.filter(isMark)) {
      const mark = this.line(markLine, line, ({ series }) => `mark ${series}`);
      if (mark) {
        const { series, ...kept } = mark;
        marks.set(series, kept);
      }
    }
    const series = this.under.Series.filter((line) => !isMark(line)).flatMap((line) => {
      const { id } = this.part(line.text, 'series') as NamedPart;
      const read = this.line(seriesLine, line, `series ${id}`);
      return read ? [{ ...read, id, mark: marks.get(id) ?? null }] : [];
    });
    return this.whole({
      ...plainChart,
      ...shown,
      title: titled,
      series: placed(series),
      yardsticks: this.yardsticks(),
      dials: this.under.Dials.flatMap((line) => {
        const id = this.part(line.text, 'dials')?.id ?? '';
        const read = this.line(dialLine, line, `dial ${id}`);
        return read ? [{ ...read, id }] : [];
      }),
      colourRules: this.unnamed('Colour rules', 'rule', ruleLine, this.before?.colourRules ?? []),
      standouts: this.unnamed('Standouts', 'standout', standoutLine, this.before?.standouts ?? []),
      filters: this.under.Filters.flatMap(
        (line, at) => this.line(filterLine, line, `filter ${at}`) ?? [],
      ),
      ...this.look(),
    });
  }

  private yardsticks(): ChartDefinition['yardsticks'] {
    const unnamed = (this.before?.yardsticks ?? []).filter((each) => !('name' in each));
    const taken = this.ids.map(({ id }) => id);
    return this.under.Yardsticks.flatMap((line): StyledYardstick[] => {
      const part = this.part(line.text, 'yardsticks');
      const read = this.line(yardstickLine, line, () => `yardstick ${part?.id ?? ''}`);
      if (!read) return [];
      if (part && 'name' in read) return [{ ...read, id: part.id }];
      const id = unnamed.shift()?.id ?? freshId(read.kind, taken);
      taken.push(id);
      return [{ ...read, id }];
    });
  }

  /** What is known by no name takes the ids of what was there before, in their order. */
  private unnamed<Each extends { id: string }>(
    heading: Heading,
    called: string,
    entry: Written<Each>,
    before: readonly Each[],
  ): Each[] {
    const taken: string[] = [];
    return this.under[heading].flatMap((line, at) => {
      const id = before[at]?.id ?? freshId(called, [...taken, ...before.map((each) => each.id)]);
      taken.push(id);
      const read = this.line(entry, line, `${called} ${id}`);
      return read ? [{ ...read, id }] : [];
    });
  }

  private look(): Look {
    const lines = this.under.Look;
    const good = lines.reduce<WrittenLine[]>((kept, line) => {
      const text = [...kept, line].map((each) => each.text).join(', ');
      if ('value' in readText(lookLines, text, this.names)) return [...kept, line];
      if (this.line(lookLines, line, () => '')) this.problem(line, 'This is said twice.');
      return kept;
    }, []);
    const read = readText(lookLines, good.map(({ text }) => text).join(', '), this.names);
    if (!('value' in read)) return plainLooks();
    const { phrases } = phrasesOf(lookLines, read.value, this.names);
    good.forEach((line, at) => this.comment(`look ${phrases[at]?.path.join('.') ?? ''}`, line));
    return read.value;
  }

  /** The chart, if its parts are what they have to be. */
  private whole(chart: ChartDefinition): ChartDefinition | null {
    const comments = Object.keys(this.comments).length > 0 ? { comments: this.comments } : {};
    try {
      return parseChart({ ...chart, ...comments });
    } catch (error) {
      const { message, path = '' } = error as { message: string; path?: string };
      this.problem(this.lineOf(path), message);
      return null;
    }
  }

  /** The line that a path within a definition leads to; the first where none does. */
  private lineOf(path: string): Pick<WrittenLine, 'number' | 'text'> {
    const [, field = '', at = '0'] = /^(\w+)\[(\d+)\]/.exec(path) ?? [];
    const heading = Object.entries(fieldsOf).find(([, each]) => each === field)?.[0] as Heading;
    return this.under[heading]?.[Number(at)] ?? this.head[0] ?? { number: 1, text: '' };
  }

  private line<Value>(
    entry: Written<Value>,
    line: WrittenLine,
    key: string | ((value: Value) => string),
  ): Value | null {
    const read = readText(entry, line.text, this.names);
    if ('problem' in read) {
      this.problems.push({ line: line.number, ...read.problem });
      return null;
    }
    this.comment(typeof key === 'string' ? key : key(read.value), line);
    return read.value;
  }

  private comment(key: string, { comment }: WrittenLine): void {
    if (comment !== '' && key !== '') this.comments[key] = comment;
  }

  private problem({ number, text }: Pick<WrittenLine, 'number' | 'text'>, sentence: string): void {
    this.problems.push({ line: number, sentence, from: 0, to: text.length });
  }

  /** What a line says, by its name; null for one that names nothing of its own. */
  private part(text: string, of: Of): NamedPart | null {
    const name = nameAtStart(text);
    if (name === null) return null;
    return this.ids.find((each) => each.of === of && isSameName(each.name, name)) ?? null;
  }
}

/** Gives those that name no place of the palette the one that they take. */
const placed = (series: readonly SeriesDefinition[]): SeriesDefinition[] =>
  series.reduce<SeriesDefinition[]>((before, each) => {
    const { place } = each.stroke;
    const own = place === ownPlace ? placeAfter(before, each) : place;
    return [...before, { ...each, stroke: { ...each.stroke, place: own } }];
  }, []);

const fieldsOf: Record<Heading, string> = {
  Series: 'series',
  Yardsticks: 'yardsticks',
  'Colour rules': 'colourRules',
  Standouts: 'standouts',
  Dials: 'dials',
  Filters: 'filters',
  Look: 'axes',
};

/**
 * Reads a chart from its text. Lines that cannot be read are left out of it, and said.
 * @param around the names of sources, measures, columns and charts that it may name
 * @param before the chart whose text it was: what keeps its name keeps its id
 * @param answers what somebody has said of names that are asked about
 */
export function readChartText(
  text: string,
  around: Names,
  before: ChartDefinition | null = null,
  answers: Answers = {},
): ChartRead {
  const reader = new ChartReader(text, before, around, answers);
  const chart = reader.read();
  const problems = reader.problems.sort((one, two) => one.line - two.line);
  return { chart, problems, asked: reader.asked };
}
