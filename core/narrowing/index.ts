import { type DefinitionOf, registry } from '../registry';
import { type ChartDefinition, plainLinking } from '../chart';
import { dates } from './dates';
import { line } from './line';
import { place } from './place';
import type { NarrowedChart, NarrowingKind, PickerChart } from './narrowing';

const all = [line, dates, place];

/** What a reader has picked in a chart, by which the other charts of its dashboard are narrowed. */
export type Narrowing = DefinitionOf<(typeof all)[number]>;

const { of: kindOf, schema: narrowingSchema } = registry<NarrowingKind<Narrowing>>('choice', all);
export { narrowingSchema };

/** What a narrowing keeps, in a few words. */
export const sayNarrowing = (narrowing: Narrowing): string => kindOf(narrowing).say(narrowing);

/**
 * A narrowing in an address: the chart it was picked in, and what.
 * @returns its kind, and the rest as one text
 */
export const writtenNarrowing = (narrowing: Narrowing): [kind: string, text: string] => [
  narrowing.kind,
  `${narrowing.chart}.${kindOf(narrowing).written(narrowing)}`,
];

/** Reads what `writtenNarrowing` wrote; null where it cannot be understood. */
export function readNarrowing(kind: string, text: string): Narrowing | null {
  const known = all.find((each) => each.kind === kind);
  const [, chart = '', rest = ''] = /^(\d+)\.(.*)$/s.exec(text) ?? [];
  const read = known && chart !== '' ? known.read(rest) : null;
  return read && ({ ...read, kind, chart: Number(chart) } as Narrowing);
}

/**
 * What a chart shows of what was picked in others: only that, or all, where it cannot follow.
 * @param follows by narrowing: whether the chart follows it; one that nothing is known of is not told
 */
export function sayNarrowed(
  narrowings: readonly Narrowing[],
  follows: readonly boolean[] | undefined,
): string {
  const parts = (follow: boolean) =>
    narrowings.filter((_, at) => follows?.[at] === follow).map(sayNarrowing);
  const [kept, not] = [parts(true), parts(false)];
  return [
    kept.length > 0 && `only ${kept.join(' and ')}`,
    not.length > 0 && (kept.length > 0 ? `not narrowed to ${not.join(' and ')}` : 'not narrowed'),
  ]
    .filter(Boolean)
    .join(', ');
}

/** Whether what was picked can only be told by what its chart draws. */
export const asksDrawn = (narrowing: Narrowing): boolean => kindOf(narrowing).asksDrawn ?? false;

/**
 * Whether what is picked in a chart reaches another: both are linked and it narrows the others, or the
 * other is the companion that stands at its pointer.
 * @param picker the chart in which something was picked
 * @param narrowed the other, with its number
 */
export function isTied(
  picker: Pick<ChartDefinition, 'linking'>,
  { id, chart }: Pick<NarrowedChart, 'id'> & { chart: Pick<ChartDefinition, 'linking'> },
): boolean {
  const { linked, narrows, peek } = picker.linking ?? plainLinking;
  if (peek?.chart === id) return true;
  return linked && narrows && (chart.linking ?? plainLinking).linked;
}

/**
 * Narrows a chart by what was picked in another.
 * @param narrowing what was picked
 * @param narrowed the chart that follows
 * @param picker the chart it was picked in
 * @returns null where the chart cannot follow, or the two are not tied
 */
export function narrowedBy(
  narrowing: Narrowing,
  narrowed: NarrowedChart,
  picker: PickerChart,
): ChartDefinition | null {
  if (!isTied(picker.chart, narrowed)) return null;
  return kindOf(narrowing).narrow(narrowing, narrowed, picker);
}
