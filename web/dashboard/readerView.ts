import { type Day, formatDay, parseDay } from '../../core/calendar';
import { type TextSize, textSizes } from '../../core/chart';
import type { Narrowing } from '../../core/narrowing';
import type { DialValue } from '../../core/dials';
import type { Span } from '../../core/reading';
import type { TurnedDials } from '../reading';

/** How a reader looks at a dashboard, for themselves: nothing of it changes the charts. */
export interface ReaderView {
  dials: TurnedDials;
  /** the period that is chosen in a chart, by its id and first day */
  periods: Readonly<Record<number, Day>>;
  /** the grain that is chosen for a chart, by its id */
  grains: Readonly<Record<number, string>>;
  /** the stretch of its axis that is looked at closer in a chart, by its id */
  near: Readonly<Record<number, Span>>;
  /** the dates that are held, at most two, in the order in which they were */
  held: readonly Day[];
  /** what was picked in a chart and narrows the others, at most one of a kind */
  narrowings: readonly Narrowing[];
  /** how large the reader has all text; null: as the author has it */
  text: TextSize | null;
}

/** Holds a date, or lets it go if it is held; a third one takes the place of the second. */
export function withHeld(held: readonly Day[], day: Day): Day[] {
  if (held.includes(day)) return held.filter((each) => each !== day);
  return [...held.slice(0, 1), day];
}

/** Narrows by what is picked, in place of what was picked of its kind. */
export const withNarrowing = (before: readonly Narrowing[], next: Narrowing): Narrowing[] => [
  ...before.filter(({ kind }) => kind !== next.kind),
  next,
];

const dial = 'dial.';
const period = 'period.';
const grain = 'grain.';
const near = 'near.';
const held = 'held';
const only = 'only.';
const text = 'text';
const prefixes = [dial, period, grain, near, held, only, text];

/** Reads a view from an address; what cannot be understood is left out. */
export function readView(params: URLSearchParams): ReaderView {
  const under = (prefix: string) =>
    [...params]
      .filter(([key]) => key.startsWith(prefix))
      .map(([key, value]) => [key.slice(prefix.length), value] as const);
  const days = (params.get(held) ?? '').split(',').flatMap((text) => parseDay(text) ?? []);
  return {
    held: days.slice(0, 2),
    text: textSizes.find((size) => size === params.get(text)) ?? null,
    narrowings: under(only).flatMap(([kind, value]) => narrowingOf(kind, value) ?? []),
    dials: Object.fromEntries(under(dial).map(([name, value]) => [name, valueOf(value)])),
    grains: Object.fromEntries(under(grain).map(([id, value]) => [Number(id), value])),
    near: Object.fromEntries(
      under(near).flatMap(([id, value]) => {
        const [from = NaN, to = NaN] = value.split('~').map(Number);
        return from < to ? [[Number(id), { from, to }]] : [];
      }),
    ),
    periods: Object.fromEntries(
      under(period).flatMap(([id, value]) => {
        const day = parseDay(value);
        return day === null ? [] : [[Number(id), day]];
      }),
    ),
  };
}

/** Writes a view into an address, beside what else stands there. */
export function writeView(before: URLSearchParams, view: ReaderView): URLSearchParams {
  const kept = [...before].filter(([key]) => !prefixes.some((prefix) => key.startsWith(prefix)));
  const dials = Object.entries(view.dials).map(([name, value]) => [dial + name, String(value)]);
  const periods = Object.entries(view.periods).map(([id, day]) => [period + id, formatDay(day)]);
  const grains = Object.entries(view.grains).map(([id, value]) => [grain + id, value]);
  const spans = Object.entries(view.near).map(([id, { from, to }]) => [near + id, `${from}~${to}`]);
  const dates = view.held.length > 0 ? [[held, view.held.map(formatDay).join(',')]] : [];
  const narrowed = view.narrowings.map((each) => [only + each.kind, writtenNarrowing(each)]);
  return new URLSearchParams([
    ...kept,
    ...dials,
    ...periods,
    ...grains,
    ...spans,
    ...dates,
    ...narrowed,
    ...(view.text === null ? [] : [[text, view.text]]),
  ]);
}

/** A narrowing in an address: the chart it was picked in, and what. */
const writtenNarrowing = (narrowing: Narrowing) =>
  narrowing.kind === 'line'
    ? [narrowing.chart, narrowing.series, narrowing.word].join('.')
    : [narrowing.chart, narrowing.from, narrowing.to].join('.');

function narrowingOf(kind: string, text: string): Narrowing | null {
  const [, chart = '', first = '', second = ''] = /^(\d+)\.([^.]+)\.(.*)$/.exec(text) ?? [];
  if (chart === '') return null;
  if (kind === 'line') return { kind, chart: Number(chart), series: first, word: second };
  const isStretch = parseDay(first) !== null && parseDay(second) !== null;
  return kind === 'dates' && isStretch
    ? { kind, chart: Number(chart), from: first, to: second }
    : null;
}

/** A number where it is one; dates stay as they are written. */
const valueOf = (text: string): DialValue =>
  text.trim() !== '' && Number.isFinite(Number(text)) ? Number(text) : text;
