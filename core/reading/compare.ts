import type { GoodSide } from '../chart';
import { judge, type Judgement } from '../rules';
import type { SeriesLine } from '../series';
import { findSpells } from '../spells';
import { difference, type Figures, runningSum } from '../values';
import type { Edges, Yardstick } from '../yardsticks';
import type { Comparison } from './reading';
import { findToDate, marksToDate, type ToDate } from './toDate';

/** Figures to hold a line against. */
interface FoundMark {
  id: string;
  name: string;
  figures: Figures;
  exact: boolean;
  additive: boolean;
  /** the edges of a band; null for a level or another series */
  band: Edges | null;
}

/**
 * Holds a line against the mark its series names.
 * @returns null when it names none, or the mark is gone or has no value
 */
export function compareLine(
  line: SeriesLine,
  lines: readonly SeriesLine[],
  yardsticks: readonly Yardstick[],
): Comparison | null {
  const { mark } = line.definition;
  const found = mark && findMark(line, mark.against, lines, yardsticks);
  if (!mark || !found) return null;
  const exact = line.exact && found.exact;
  const { band } = found;
  // A band has no other good side than within it, and nothing else has that one.
  const good = band ? 'within' : mark.good === 'within' ? 'atLeast' : mark.good;
  const whole = band
    ? line.figures.map((figure, place) => nearerEdge(figure, band, place))
    : found.figures;
  const toDate = mark.toDate ? findToDate(line, whole, found.additive) : null;
  const marks = marksToDate(whole, toDate);
  const differences = line.figures.map((figure, place) => {
    const held = marks[place] ?? null;
    if (figure === null || held === null) return null;
    const inside =
      band && figure >= (band.low[place] ?? Infinity) && figure <= (band.high[place] ?? -Infinity);
    return inside ? 0 : difference(figure, held, exact);
  });
  const finished = judge(differences, line.open, good);
  const judgements = toDate ? judgeToDate(finished, differences, toDate, good) : finished;
  return {
    markName: found.name,
    markId: found.id,
    good,
    exact,
    edges: band,
    marks,
    differences,
    running: runningSum(
      line.open.includes(true)
        ? differences.map((each, place) => (finished[place] === null ? null : each))
        : differences,
      exact,
    ),
    judgements,
    spells: findSpells(finished, differences, exact),
    markAdds: found.additive,
    toDate,
  };
}

/** Judges the open period too; it enters neither spells nor what has run up, which it would distort. */
const judgeToDate = (
  finished: readonly Judgement[],
  differences: Figures,
  { place }: ToDate,
  good: GoodSide,
): Judgement[] =>
  finished.map((judgement, at) =>
    at === place ? (judge([differences[at] ?? null], [], good)[0] ?? null) : judgement,
  );

/**
 * A line of a split is held against the mark's line of the same word. A mark that is not split serves
 * all lines when it is a level or a rate, and none when it adds up: it is what they add up to.
 */
function findMark(
  line: SeriesLine,
  against: string,
  lines: readonly SeriesLine[],
  yardsticks: readonly Yardstick[],
): FoundMark | null {
  const candidates = lines.filter(
    (each) => each.seriesId === against && each !== line && sameAge(each, line),
  );
  const other = candidates.find((each) => each.key === line.key || !each.split);
  if (other && !(line.split && !other.split && other.additive)) {
    const { id, figures, exact, additive, definition } = other;
    return { id, name: definition.name, figures, exact, additive, band: null };
  }
  const yardstick = yardsticks.find((each) => each.id === against);
  if (!yardstick) return null;
  const { id, name, value, exact, edges } = yardstick;
  if (!edges) return null;
  const found = { ...level, id, name, exact };
  return value === null
    ? { ...found, figures: [], band: edges }
    : { ...found, figures: edges.low, band: null };
}

/** Yardsticks are levels: nothing of theirs adds up. */
const level = { additive: false } as const;

/** The edge of a band that a figure is nearer to. */
function nearerEdge(figure: number | null, { low, high }: Edges, place: number): number | null {
  const [from, to] = [low[place] ?? null, high[place] ?? null];
  if (figure === null || from === null || to === null) return null;
  return Math.abs(figure - from) <= Math.abs(figure - to) ? from : to;
}

/** Laid-over years are held against the mark of their own year. */
const sameAge = (one: SeriesLine, two: SeriesLine) =>
  one.age === null || two.age === null || one.age === two.age;

/** The side of the mark that is off it, as a word of place. */
export function offWord(good: GoodSide): 'under' | 'over' | 'outside' {
  return ({ atLeast: 'under', atMost: 'over', within: 'outside' } as const)[good];
}
