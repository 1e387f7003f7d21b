import { type ChartDefinition, type NamedPart, namedParts } from '../chart';
import { freshId } from '../editing';
import { isSameName } from '../formula';
import { type Written, Reader, readText } from '../sentences';
import { type Heading } from './headings';
import { dialLine, yardstickLine } from './lines';
import { newName } from './newName';
import type { WrittenLine } from './textLines';

type Of = NamedPart['of'];

/** A name that is new where others are gone: it may be one of those by another name, or something new. */
export interface Asked {
  /** the line, from 1 */
  line: number;
  name: string;
  could: NamedPart[];
}

/** What somebody has said of names that are new: the id of what it was, or null for something new. */
export type Answers = Readonly<Record<string, string | null>>;

/** The name that a line begins with, before "is" and what that is; null for a mark, and where there is none. */
export function nameAtStart(text: string): string | null {
  const reader = new Reader(text, {});
  const [name] = newName.read(0, reader);
  if (!name) return null;
  const after = reader.words(name.to, 'is');
  return after < 0 || reader.words(after, 'to be') >= 0 ? null : name.value;
}

const parts: readonly {
  heading: Heading;
  of: Of;
  called: string;
  line: Written<unknown> | null;
}[] = [
  // Series are of one kind: where their figures come from may be what has changed.
  { heading: 'Series', of: 'series', called: 'series', line: null },
  { heading: 'Yardsticks', of: 'yardsticks', called: 'yardstick', line: yardstickLine },
  { heading: 'Dials', of: 'dials', called: 'dial', line: dialLine },
];

/** A name under a heading, with its line. */
interface Line {
  name: string;
  line: WrittenLine;
}

/** The parts that a text names, with the ids that they had before, or new ones. */
export function identify(
  under: Record<Heading, WrittenLine[]>,
  before: ChartDefinition | null,
  answers: Answers,
): { ids: NamedPart[]; asked: Asked[] } {
  const all = before ? namedParts(before) : [];
  const asked: Asked[] = [];
  const ids = parts.flatMap(({ heading, of, called, line }) => {
    const known = all.filter((part) => part.of === of);
    const written = under[heading].flatMap((each): Line[] => {
      const name = nameAtStart(each.text);
      return name === null ? [] : [{ name, line: each }];
    });
    const sameAs = (name: string) => known.find((each) => isSameName(each.name, name));
    const gone = known.filter(({ name }) => !written.some((each) => isSameName(each.name, name)));
    const fresh = written.filter(({ name }) => !sameAs(name));
    const kindOf = line ? kindsOf(line, all) : () => '';
    const taken = known.map(({ id }) => id);
    return written.map((each) => {
      const could = gone.filter(({ id }) => kindBefore(before, of, id, line) === kindOf(each));
      const alike = fresh.filter((other) => kindOf(other) === kindOf(each));
      const isFresh = fresh.includes(each);
      const answer = answers[each.name];
      // One that is new, where one of its kind is gone, is that one by another name.
      const renamed = could.length === 1 && alike.length === 1 ? could[0]?.id : undefined;
      if (isFresh && answer === undefined && renamed === undefined && could.length > 0)
        asked.push({ line: each.line.number, name: each.name, could });
      const own = sameAs(each.name)?.id ?? (answer === undefined ? renamed : answer);
      const id = own ?? freshId(called, taken);
      taken.push(id);
      return { of, id, name: each.name };
    });
  });
  return { ids, asked };
}

/** Tells the kind of what a line says, whatever it is named; empty where it cannot be read. */
function kindsOf(line: Written<unknown>, known: readonly NamedPart[]) {
  const names = {
    series: known.filter(({ of }) => of === 'series'),
    yardstick: known.filter(({ of }) => of === 'yardsticks'),
    dial: known.filter(({ of }) => of === 'dials'),
  };
  return ({ line: { text } }: Line): string => {
    const read = readText(line, text, names);
    return 'value' in read ? (read.value as { kind: string }).kind : '';
  };
}

function kindBefore(
  before: ChartDefinition | null,
  of: Of,
  id: string,
  line: Written<unknown> | null,
): string {
  if (!line || of === 'series') return '';
  return before?.[of].find((each) => each.id === id)?.kind ?? '';
}
