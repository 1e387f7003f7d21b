import { countPeriods, writeFigure } from '../labels';
import { offWord } from './compare';
import type { Comparison, ReadPace, ReadSeries } from './reading';
import { linesOf, sayTotalOf, type Unworded } from './words';

/** More spells than these of one line are counted, not told. */
const mostTold = 4;

/** What lies behind and ahead of the compared lines, a sentence each: their spells, and their pace. */
export function sayOutlook(reading: Unworded): string[] {
  return linesOf(reading).flatMap((line) => {
    const { comparison, pace } = line;
    if (!comparison) return [];
    const spells = saySpells(reading, line, comparison);
    return [...spells, ...(pace ? [sayPace(reading, line, comparison, pace)] : [])];
  });
}

/** Each spell off the mark: how long, from when to when, by how much; the latest first. */
function saySpells(reading: Unworded, line: ReadSeries, comparison: Comparison): string[] {
  const { spells, markName, good } = comparison;
  if (spells.length === 0) return [];
  const told = [...spells]
    .reverse()
    .slice(0, mostTold)
    .map(({ from, to, periods, total, ongoing }) => {
      const label = (place: number) => reading.positions[place]?.label ?? '';
      const when = from === to ? label(from) : `${label(from)} to ${label(to)}`;
      const sum = line.additive ? `, ${sayTotalOf(total, line)}` : '';
      const still = ongoing ? ' and still is' : '';
      return `${countPeriods(periods, reading.unit)} (${when}${sum}${still})`;
    });
  const before = spells.length - mostTold;
  const more = before > 0 ? `, and ${before === 1 ? 'once' : `${before} times`} before` : '';
  return [`${line.called} was ${offWord(good)} ${markName} for ${told.join(', for ')}${more}.`];
}

/** What is needed, or may still be spent, in each period left, and where the present rate lands. */
function sayPace(
  { unit }: Unworded,
  { called: name, format }: ReadSeries,
  { good, markName }: Comparison,
  pace: ReadPace,
): string {
  const {
    target,
    periodsLeft,
    neededPerPeriodLeft: needed,
    landsAtMeanRate: lands,
    met,
    year,
  } = pace;
  const goal = `${markName} of ${year}, ${writeFigure(target, format)}`;
  if (needed === null)
    return `${name} ${met ? (good === 'atMost' ? 'has used up' : 'has reached') : 'has ended short of'} the ${goal}.`;
  const left = `the ${countPeriods(periodsLeft, unit)} left`;
  const rate =
    lands === null ? '' : `; at the present rate it lands at ${writeFigure(lands, format)}`;
  if (met)
    return `${name} has ${good === 'atMost' ? 'used up' : 'reached'} the ${goal}, with ${left}${rate}.`;
  const per = `${writeFigure(needed, format)} a ${unit}`;
  return good === 'atMost'
    ? `Of the ${goal}, ${per} may still go into ${left}${rate}.`
    : `To reach the ${goal}, ${name} needs ${per} for ${left}${rate}.`;
}
