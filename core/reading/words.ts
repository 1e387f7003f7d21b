import { civilDate } from '../calendar';
import type { DrawnChart } from '../chart';
import { axisFormat, countPeriods, suffixWords, writeDay, writeFigure } from '../labels';
import { sumFigures } from '../values';
import { offWord } from './compare';
import type { Comparison, Reading, ReadSeries } from './reading';

type Unworded = Omit<Reading, 'described' | 'standing' | 'summary'>;

/** What is drawn, in a line: the grain, the unit, an axis that does not start at zero. */
export function describe(chart: DrawnChart, reading: Unworded): string {
  const { format, axis, grain, periods } = reading;
  if (periods.length === 0) return '';
  const fromZero = axis.from <= 0 && axis.to >= 0;
  return [
    `by ${grain}`,
    suffixWords[format.suffix],
    fromZero ? '' : `axis from ${writeFigure(axis.from, axisFormat(axis, format))}`,
    chart.series.some(({ split }) => split) && reading.series.length > 1
      ? `${reading.series.length} lines`
      : '',
  ]
    .filter(Boolean)
    .join(', ');
}

/** Where the compared series stand, in one sentence. */
export function sayStanding(reading: Unworded): string {
  const compared = reading.series.filter(({ comparison }) =>
    comparison?.judgements.some((judgement) => judgement !== null),
  );
  const first = compared[0];
  if (!first?.comparison) return '';
  if (compared.length > 1) return sayMany(reading, compared);
  return first.additive
    ? sayTotal(reading, first, first.comparison)
    : saySpread(reading, first, first.comparison);
}

/** An additive measure: its total in the latest calendar year that has a judged period. */
function sayTotal(reading: Unworded, line: ReadSeries, comparison: Comparison): string {
  const last = comparison.judgements.findLastIndex((judgement) => judgement !== null);
  const yearOf = (place: number) => civilDate(reading.periods[place]?.start ?? 0).year;
  const inYear = (_: unknown, place: number) =>
    yearOf(place) === yearOf(last) && comparison.judgements[place] !== null;
  const total = sumFigures(line.figures.filter(inYear), line.exact) ?? 0;
  const difference = sumFigures(comparison.differences.filter(inYear), comparison.exact) ?? 0;
  const when = yearOf(last) === civilDate(reading.today).year ? 'this year' : `in ${yearOf(last)}`;
  const { format } = reading;
  const stands = `${line.name} ${when === 'this year' ? 'stands' : 'stood'} at ${writeFigure(total, format)} ${when}`;
  const apart =
    difference === 0
      ? `exactly on ${comparison.markName}`
      : `${writeFigure(Math.abs(difference), format)} ${difference < 0 ? 'under' : 'over'} ${comparison.markName}`;
  return `${stands}, ${apart}${saySpell(reading, comparison)}.`;
}

/** Any other measure: in how many periods it was on the mark. */
function saySpread(reading: Unworded, line: ReadSeries, comparison: Comparison): string {
  const judged = comparison.judgements.filter((judgement) => judgement !== null);
  const on = judged.filter((judgement) => judgement === 'on').length;
  return `${line.name} was on the mark in ${on} of ${countPeriods(judged.length, reading.grain)}${saySpell(reading, comparison)}.`;
}

/** Several lines against their marks: who is off it at the end. */
function sayMany(reading: Unworded, lines: readonly ReadSeries[]): string {
  const off = lines.filter(
    ({ comparison }) => comparison?.judgements.findLast((each) => each !== null) === 'off',
  );
  const mark = lines[0]?.comparison?.markName;
  if (off.length === 0)
    return `All ${lines.length} lines are on the mark against ${mark} in their last finished ${reading.grain}.`;
  const names = off.map(({ name }) => name).join(', ');
  return `${off.length} of ${lines.length} lines ${off.length === 1 ? 'is' : 'are'} off the mark against ${mark} in the last finished ${reading.grain}: ${names}.`;
}

function saySpell(reading: Unworded, { spells, good }: Comparison): string {
  const spell = spells.at(-1);
  if (!spell?.ongoing || spell.periods < 2) return '';
  return `; ${offWord(good)} it for ${countPeriods(spell.periods, reading.grain)} in a row`;
}

/** The chart in words: its lines, their ends and extremes, and what they are held against. */
export function summarise(reading: Unworded & Pick<Reading, 'standing' | 'described'>): string {
  const { title, periods, series, format, standouts, yardsticks } = reading;
  if (periods.length === 0) return `${title}: nothing to draw yet.`;
  const span = `${periods[0]?.label} to ${periods.at(-1)?.label}`;
  const lines = series.map(({ name, last, figures }) =>
    last === null
      ? `${name} has no figure`
      : `${name} ends at ${writeFigure(figures[last] ?? 0, format)} in ${periods[last]?.label}`,
  );
  const extremes = standouts.map(
    ({ pick, figure, period }) =>
      `${pick} ${writeFigure(figure, format)} in ${periods[period]?.label}`,
  );
  const held = yardsticks.map((each) =>
    each.kind === 'today'
      ? `today line at ${writeDay(each.day)}`
      : `${each.name} at ${each.value === null ? 'no value' : writeFigure(each.value, format)}`,
  );
  const parts = [`Line chart, ${reading.described}, ${span}`, ...lines, ...extremes, ...held];
  return `${title}. ${parts.join('; ')}. ${reading.standing}`.trim();
}
