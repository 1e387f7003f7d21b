import { civilDate } from '../calendar';
import type { DrawnChart } from '../chart';
import { axisFormat, countPeriods, suffixWords, writeDay, writeFigure } from '../labels';
import { sumFigures } from '../values';
import { offWord } from './compare';
import type { Comparison, Reading, ReadPanel, ReadSeries } from './reading';

type Unworded = Omit<Reading, 'described' | 'standing' | 'summary'>;

/** All lines of a chart, once each: what is not split stands in every panel. */
export const linesOf = ({ panels }: Pick<Reading, 'panels'>): ReadSeries[] => [
  ...new Map(panels.flatMap(({ series }) => series).map((line) => [line.id, line])).values(),
];

/**
 * What is drawn, in a line: the grain, the unit, an axis that does not start at zero.
 * @param arranged what the arrangement has to say
 */
export function describe(chart: DrawnChart, reading: Unworded, arranged: string): string {
  const { format, panels, grain, positions } = reading;
  if (positions.length === 0) return '';
  const cut = panels.find(({ axis }) => axis.from > 0 || axis.to < 0);
  const lines = linesOf(reading).length;
  return [
    `by ${grain}`,
    arranged,
    suffixWords[format.suffix],
    cut ? `axis from ${writeFigure(cut.axis.from, axisFormat(cut.axis, format))}` : '',
    panels.length === 1 && chart.series.some(({ split }) => split) && lines > 1
      ? `${lines} lines`
      : '',
  ]
    .filter(Boolean)
    .join(', ');
}

/** Where the compared series stand, in one sentence. */
export function sayStanding(reading: Unworded): string {
  const compared = linesOf(reading).filter(({ comparison }) =>
    comparison?.judgements.some((judgement) => judgement !== null),
  );
  const first = compared[0];
  if (!first?.comparison) return '';
  if (compared.length > 1) return sayMany(reading, compared);
  return first.additive && first.comparison.good !== 'within'
    ? sayTotal(reading, first, first.comparison)
    : saySpread(reading, first, first.comparison);
}

/** An additive measure: its total in the latest calendar year that has a judged period. */
function sayTotal(reading: Unworded, line: ReadSeries, comparison: Comparison): string {
  const last = comparison.judgements.findLastIndex((judgement) => judgement !== null);
  const calendar = reading.axis === 'calendar';
  const yearOf = (place: number) => civilDate(reading.positions[place]?.start ?? 0).year;
  const inYear = (_: unknown, place: number) =>
    comparison.judgements[place] !== null && (!calendar || yearOf(place) === yearOf(last));
  const total = sumFigures(line.figures.filter(inYear), line.exact) ?? 0;
  const difference = sumFigures(comparison.differences.filter(inYear), comparison.exact) ?? 0;
  const judged = comparison.judgements.filter(inYear).length;
  const thisYear = yearOf(last) === civilDate(reading.today).year;
  const when = !calendar
    ? `over ${countPeriods(judged, reading.grain)}`
    : thisYear
      ? 'this year'
      : `in ${yearOf(last)}`;
  const { format } = reading;
  const stands = `${line.name} ${calendar && !thisYear ? 'stood' : 'stands'} at ${writeFigure(total, format)} ${when}`;
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
  const { title, positions, panels } = reading;
  if (positions.length === 0) return `${title}: nothing to draw yet.`;
  const span = `${positions[0]?.label} to ${positions.at(-1)?.label}`;
  const parts = [
    `Line chart, ${reading.described}${reading.axis === 'ends' ? '' : `, ${span}`}`,
    ...linesOf(reading).map((line) => sayLine(reading, line)),
    ...panels.flatMap((panel) => sayPanel(reading, panel)),
  ];
  return `${title}. ${parts.join('; ')}. ${reading.standing}`.trim();
}

function sayLine({ axis, positions, format }: Unworded, { name, last, figures }: ReadSeries) {
  if (last === null) return `${name} has no figure`;
  const [first, end] = [figures[0] ?? null, figures[last] ?? 0];
  return axis === 'ends' && first !== null && last > 0
    ? `${name} from ${writeFigure(first, format)} to ${writeFigure(end, format)}`
    : `${name} ends at ${writeFigure(end, format)} in ${positions[last]?.label}`;
}

/** The extremes of a panel, and its yardsticks. */
function sayPanel(
  { positions, format, panels }: Unworded,
  { title, standouts, yardsticks }: ReadPanel,
): string[] {
  const of = panels.length > 1 ? `${title}: ` : '';
  const extremes = standouts.map(
    ({ pick, figure, period }) =>
      `${of}${pick} ${writeFigure(figure, format)} in ${positions[period]?.label}`,
  );
  const held = yardsticks.flatMap(({ kind, name, value, bands, days }) => {
    if (days[0] !== undefined) return of === '' ? [`${name} line at ${writeDay(days[0])}`] : [];
    const [band] = bands.length === 1 && kind === 'band' ? bands : [];
    if (band)
      return [`${of}${name} ${writeFigure(band.from, format)} to ${writeFigure(band.to, format)}`];
    return kind === 'line'
      ? [`${of}${name} at ${value === null ? 'no value' : writeFigure(value, format)}`]
      : [];
  });
  return [...extremes, ...held];
}
