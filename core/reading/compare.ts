import type { GoodSide } from '../chart';
import { judge } from '../rules';
import type { AxisPeriod, SeriesLine } from '../series';
import { findSpells } from '../spells';
import { difference, type Figures, runningSum } from '../values';
import type { Yardstick } from '../yardsticks';
import type { Comparison } from './reading';

/** Figures to hold a line against. */
interface FoundMark {
  id: string;
  name: string;
  figures: Figures;
  exact: boolean;
}

/**
 * Holds a line against the mark its series names.
 * @returns null when it names none, or the mark is gone or has no value
 */
export function compareLine(
  line: SeriesLine,
  lines: readonly SeriesLine[],
  yardsticks: readonly Yardstick[],
  axis: readonly AxisPeriod[],
): Omit<Comparison, 'caughtBy'> | null {
  const { mark } = line.definition;
  const found = mark && findMark(line, mark.against, lines, yardsticks, axis.length);
  if (!mark || !found) return null;
  const open = axis.map((period) => period.open);
  const exact = line.exact && found.exact;
  const differences = line.figures.map((figure, place) => {
    const held = found.figures[place] ?? null;
    return figure === null || held === null ? null : difference(figure, held, exact);
  });
  const judgements = judge(differences, open, mark.good);
  return {
    markName: found.name,
    markId: found.id,
    good: mark.good,
    exact,
    marks: found.figures,
    differences,
    running: runningSum(
      differences.map((each, place) => (judgements[place] === null ? null : each)),
      exact,
    ),
    judgements,
    spells: findSpells(judgements, differences, exact),
  };
}

/** A line of a split is held against the line of the same word, or else against the only one. */
function findMark(
  line: SeriesLine,
  against: string,
  lines: readonly SeriesLine[],
  yardsticks: readonly Yardstick[],
  periods: number,
): FoundMark | null {
  const candidates = lines.filter((each) => each.definition.id === against && each !== line);
  const other = candidates.find((each) => each.key === line.key) ?? candidates[0];
  if (other && (other.key === line.key || candidates.length === 1)) {
    const { id, figures, exact, definition } = other;
    return { id, name: definition.name, figures, exact };
  }
  const yardstick = yardsticks.find((each) => each.id === against);
  if (yardstick?.kind !== 'line' || yardstick.value === null) return null;
  const { id, name, value, exact } = yardstick;
  return { id, name, figures: new Array<number>(periods).fill(value), exact };
}

/** The side of the mark that is off it, as a word of place. */
export function offWord(good: GoodSide): 'under' | 'over' {
  return good === 'atLeast' ? 'under' : 'over';
}
