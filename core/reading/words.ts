import { axisKind } from '../axis';
import { civilDate } from '../calendar';
import type { DrawnChart } from '../chart';
import {
  axisFormat,
  countPeriods,
  type FigureFormat,
  suffixWords,
  writeApart,
  writeDay,
  writeFigure,
} from '../labels';
import { sumFigures } from '../values';
import type { Edges } from '../yardsticks';
import { offWord } from './compare';
import type { Comparison, Reading, ReadPanel, ReadSeries, PickedBy } from './reading';

export type Unworded = Omit<Reading, 'described' | 'standing' | 'summary' | 'outlook'>;

/** Which open period is judged all the same; empty for none. */
function sayToDate({ panels, positions }: Pick<Reading, 'panels' | 'positions'>): string {
  const judged = panels.flatMap(({ series }) =>
    series.flatMap(({ comparison }) => comparison?.toDate ?? []),
  );
  const [first] = judged;
  return first ? `${positions[first.place]?.label} judged to date` : '';
}

/** All lines of a chart, once each: what is not split stands in every panel. */
export const linesOf = ({ panels }: Pick<Reading, 'panels'>): ReadSeries[] => [
  ...new Map(panels.flatMap(({ series }) => series).map((line) => [line.id, line])).values(),
];

/**
 * What is drawn, in a line: the grain, the unit, an axis that does not start at zero.
 * @param arranged what the arrangement has to say, then what the filters keep
 */
export function describe(
  chart: DrawnChart,
  reading: Unworded,
  [arranged, filtered]: [string, string],
): string {
  const { format, panels, positions } = reading;
  if (positions.length === 0) return '';
  // A slope has no scale that could mislead.
  const cut = reading.axis !== 'ends' && panels.find(({ axis }) => axis.from > 0 || axis.to < 0);
  const lines = linesOf(reading).length;
  return [
    axisKind(chart.axis).say(chart.axis, reading.unit),
    arranged,
    filtered,
    suffixWords[format.suffix],
    sayToDate(reading),
    cut ? `axis from ${writeFigure(cut.axis.from, axisFormat(cut.axis, format))}` : '',
    panels.length === 1 && chart.series.some(({ split }) => split) && lines > 1
      ? `${lines} lines`
      : '',
  ]
    .filter(Boolean)
    .join(', ');
}

/** How finished periods stand: a part of one counts for none. */
const finishedOf = ({ judgements, toDate }: Pick<Comparison, 'judgements' | 'toDate'>) =>
  toDate
    ? judgements.map((judgement, place) => (place === toDate.place ? null : judgement))
    : judgements;

/** Where the compared series stand, in one sentence. */
export function sayStanding(reading: Unworded): string {
  const compared = linesOf(reading).filter(
    ({ comparison }) =>
      comparison && finishedOf(comparison).some((judgement) => judgement !== null),
  );
  const first = compared[0];
  if (!first?.comparison) return '';
  if (compared.length > 1) return sayMany(reading, compared);
  // A level that is no sum is not added up either.
  return first.additive && first.comparison.markAdds
    ? sayTotal(reading, first, first.comparison)
    : saySpread(reading, first, first.comparison);
}

/**
 * How far a figure is from its mark, in words.
 * @param difference in the figures' own unit
 */
export function sayApart(
  difference: number,
  { markName, good }: Pick<Comparison, 'markName' | 'good'>,
  format: FigureFormat,
): string {
  if (difference === 0) return `${good === 'within' ? 'within' : 'exactly on'} ${markName}`;
  return `${writeApart(difference, format)} ${difference < 0 ? 'under' : 'over'} ${markName}`;
}

/** An additive measure: its total in the latest calendar year that has a judged period. */
function sayTotal(reading: Unworded, line: ReadSeries, comparison: Comparison): string {
  const judgements = finishedOf(comparison);
  const last = judgements.findLastIndex((judgement) => judgement !== null);
  const calendar = reading.axis === 'calendar';
  const yearOf = (place: number) => civilDate(reading.positions[place]?.start ?? 0).year;
  const inYear = (_: unknown, place: number) =>
    judgements[place] !== null && (!calendar || yearOf(place) === yearOf(last));
  const total = sumFigures(line.figures.filter(inYear), line.exact) ?? 0;
  const difference = sumFigures(comparison.differences.filter(inYear), comparison.exact) ?? 0;
  const judged = judgements.filter(inYear).length;
  const thisYear = yearOf(last) === civilDate(reading.today).year;
  const when = !calendar
    ? `over ${countPeriods(judged, reading.unit)}`
    : thisYear
      ? 'this year'
      : `in ${yearOf(last)}`;
  const { format } = line;
  const stands = `${line.called} ${calendar && !thisYear ? 'stood' : 'stands'} at ${writeFigure(total, format)} ${when}`;
  const apart = sayApart(difference, comparison, format);
  return `${stands}, ${apart}${saySpell(reading, line, comparison)}.`;
}

/** Any other measure: in how many periods it was on the mark. */
function saySpread(reading: Unworded, line: ReadSeries, comparison: Comparison): string {
  const judged = finishedOf(comparison).filter((judgement) => judgement !== null);
  const on = judged.filter((judgement) => judgement === 'on').length;
  return `${line.called} was on the mark in ${on} of ${countPeriods(judged.length, reading.unit)}${saySpell(reading, line, comparison)}.`;
}

/** Several lines against their marks: who is off it at the end. */
function sayMany(reading: Unworded, lines: readonly ReadSeries[]): string {
  const off = lines.filter(
    ({ comparison }) =>
      comparison && finishedOf(comparison).findLast((each) => each !== null) === 'off',
  );
  const mark = lines[0]?.comparison?.markName;
  if (off.length === 0)
    return `All ${lines.length} lines are on the mark against ${mark} in their last finished ${reading.unit}.`;
  const names = off.map(({ called }) => called).join(', ');
  return `${off.length} of ${lines.length} lines ${off.length === 1 ? 'is' : 'are'} off the mark against ${mark} in the last finished ${reading.unit}: ${names}.`;
}

function saySpell(reading: Unworded, line: ReadSeries, { spells, good }: Comparison): string {
  const spell = spells.at(-1);
  if (!spell?.ongoing || spell.periods < 2) return '';
  const total = line.additive ? `, ${sayTotalOf(spell.total, line)}` : '';
  return `; ${offWord(good)} it for ${countPeriods(spell.periods, reading.unit)} in a row${total}`;
}

/** The summed difference of a spell: so much short, or so much over. */
export const sayTotalOf = (total: number, { format }: Pick<ReadSeries, 'format'>): string =>
  `${writeApart(total, format)} ${total < 0 ? 'short' : 'over'}`;

/** The chart in words: its lines, their ends and extremes, and what they are held against. */
export function summarise(
  reading: Unworded & Pick<Reading, 'standing' | 'described' | 'outlook'>,
): string {
  const { title, positions, panels } = reading;
  if (positions.length === 0) return `${title}: nothing to draw yet.`;
  const span = `${positions[0]?.label} to ${positions.at(-1)?.label}`;
  const parts = [
    `${kindOfChart(reading)}, ${reading.described}${reading.axis === 'ends' ? '' : `, ${span}`}`,
    ...linesOf(reading).map((line) => sayLine(reading, line)),
    ...panels.flatMap((panel) => sayPanel(reading, panel)),
  ];
  return [`${title}. ${parts.join('; ')}.`, reading.standing, ...reading.outlook].join(' ').trim();
}

/** Where a date line stands; one that is named after its days from today begins with a figure. */
const sayDateLine = (name: string, day: string) =>
  /^\d/.test(name) ? `a line ${name}, at ${day}` : `${name} line at ${day}`;

/** What is drawn: lines, bars, or both. */
function kindOfChart(reading: Unworded): string {
  const shapes = linesOf(reading).map(({ shape }) => shape);
  if (!shapes.includes('bars')) return 'Line chart';
  return shapes.every((shape) => shape === 'bars') ? 'Bar chart' : 'Chart of lines and bars';
}

function sayLine(
  { axis, positions }: Unworded,
  { called: name, last, figures, format }: ReadSeries,
): string {
  if (last === null) return `${name} has no figure`;
  const [first, end] = [figures[0] ?? null, figures[last] ?? 0];
  return axis === 'ends' && first !== null && last > 0
    ? `${name} from ${writeFigure(first, format)} to ${writeFigure(end, format)}`
    : `${name} ends at ${writeFigure(end, format)} in ${positions[last]?.label}`;
}

/** Points that are said one by one; of the others there may be many. */
const said: ReadonlySet<PickedBy['kind']> = new Set(['highest', 'lowest', 'first', 'last']);

/** The extremes of a panel, and its yardsticks. */
function sayPanel(
  { positions, format: first, secondFormat, panels, look }: Unworded,
  { title, standouts, yardsticks }: ReadPanel,
): string[] {
  const of = panels.length > 1 ? `${title}: ` : '';
  const extremes = standouts.flatMap(({ by, label, period }) =>
    by
      .filter(({ kind }) => said.has(kind))
      .map(({ kind }) => `${of}${kind} ${label} in ${positions[period]?.label}`),
  );
  const held = yardsticks.flatMap(({ kind, name, value, edges, days, place, second, scope }) => {
    const format = second ? secondFormat : first;
    const [day] = days;
    if (day !== undefined)
      return of === '' ? [sayDateLine(name, place ?? writeDay(day, look.periods.dates))] : [];
    const found = scope === '' ? '' : ` (${scope})`;
    if (value === null && edges)
      return sayBand(`${of}${name}`, edges, positions, format).map((said) => said + found);
    return kind === 'line'
      ? [`${of}${name} at ${value === null ? 'no value' : writeFigure(value, format)}${found}`]
      : [];
  });
  return [...extremes, ...held];
}

/** The edges of a band; of one that changes those of its last period. */
function sayBand(
  name: string,
  { low, high }: Edges,
  positions: Unworded['positions'],
  format: FigureFormat,
): string[] {
  const at = low.findLastIndex((edge, place) => edge !== null && (high[place] ?? null) !== null);
  const [from, to] = [low[at] ?? null, high[at] ?? null];
  if (from === null || to === null) return [];
  const changes = low.some((edge) => edge !== from) || high.some((edge) => edge !== to);
  const words = `${name} ${writeFigure(from, format)} to ${writeFigure(to, format)}`;
  return [changes ? `${words} in ${positions[at]?.label}` : words];
}
