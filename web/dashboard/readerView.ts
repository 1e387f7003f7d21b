import {
  type Day,
  formatDay,
  type Grain,
  grains,
  parseDay,
  periodStart,
} from '../../core/calendar';
import { writePeriod } from '../../core/labels';
import { type TextSize, textSizes } from '../../core/chart';
import { type Narrowing, readNarrowing, writtenNarrowing } from '../../core/narrowing';
import type { DialValue } from '../../core/dials';
import type { Span } from '../../core/reading';
import type { TurnedDials } from '../reading';
import { type Lit, litPrefixes, readLit, writtenLit } from './litView';

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
  held: readonly Held[];
  /** what is highlighted: in all linked charts, or in one that stands alone, by its id */
  lit: Readonly<Record<string, Lit>>;
  /** what was picked in a chart and narrows the others, at most one of a kind */
  narrowings: readonly Narrowing[];
  /** how large the reader has all text; null: as the author has it */
  text: TextSize | null;
}

/** A date that is held: its period where one was, by a day within it. */
export interface Held {
  day: Day;
  grain: Grain;
}

/** A date that is held, in words: as the year, month or day that it was held as. */
export const sayHeldDate = ({ day, grain }: Held): string =>
  writePeriod(periodStart(day, grain), grain);

/** Holds a date, or lets it go if it is held; a third one takes the place of the second. */
export function withHeld(held: readonly Held[], next: Held): Held[] {
  if (held.some(({ day }) => day === next.day)) return held.filter(({ day }) => day !== next.day);
  return [...held.slice(0, 1), next];
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
const prefixes = [dial, period, grain, near, held, only, text, ...litPrefixes];

/** Reads a view from an address; what cannot be understood is left out. */
export function readView(params: URLSearchParams): ReaderView {
  const under = (prefix: string) =>
    [...params]
      .filter(([key]) => key.startsWith(prefix))
      .map(([key, value]) => [key.slice(prefix.length), value] as const);
  const dates = (params.get(held) ?? '').split(',').flatMap((text) => heldOf(text) ?? []);
  return {
    held: dates.slice(0, 2),
    lit: readLit(params),
    text: textSizes.find((size) => size === params.get(text)) ?? null,
    narrowings: under(only).flatMap(([kind, value]) => readNarrowing(kind, value) ?? []),
    dials: readDials(under(dial)),
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
  const dials = Object.entries(view.dials).flatMap(([name, value]) =>
    typeof value === 'object'
      ? [[dial + name, several], ...value.map((each) => [dial + name, each])]
      : [[dial + name, String(value)]],
  );
  const periods = Object.entries(view.periods).map(([id, day]) => [period + id, formatDay(day)]);
  const grains = Object.entries(view.grains).map(([id, value]) => [grain + id, value]);
  const spans = Object.entries(view.near).map(([id, { from, to }]) => [near + id, `${from}~${to}`]);
  const dates = view.held.length > 0 ? [[held, view.held.map(writtenHeld).join(',')]] : [];
  const narrowed = view.narrowings.map((each) => {
    const [kind, written] = writtenNarrowing(each);
    return [only + kind, written];
  });
  return new URLSearchParams([
    ...kept,
    ...dials,
    ...periods,
    ...grains,
    ...spans,
    ...dates,
    ...narrowed,
    ...writtenLit(view.lit),
    ...(view.text === null ? [] : [[text, view.text]]),
  ]);
}

const writtenHeld = ({ day, grain }: Held) =>
  grain === 'day' ? formatDay(day) : `${formatDay(day)}.${grain}`;

function heldOf(written: string): Held | null {
  const [date = '', as = 'day'] = written.split('.');
  const day = parseDay(date);
  const grain = grains.find((each) => each === as);
  return day === null || !grain ? null : { day, grain };
}

/** Stands before the words of a dial that takes several. */
const several = '~';

/** Where dials stand, by their names: those of several words have an entry for each. */
function readDials(entries: readonly (readonly [string, string])[]): TurnedDials {
  const found = new Map<string, string[]>();
  for (const [name, value] of entries) found.set(name, [...(found.get(name) ?? []), value]);
  return Object.fromEntries(
    [...found].map(([name, [first = '', ...rest]]) => [
      name,
      first === several ? rest : valueOf(first),
    ]),
  );
}

/** A number where it is one; dates stay as they are written. */
const valueOf = (text: string): DialValue =>
  text.trim() !== '' && Number.isFinite(Number(text)) ? Number(text) : text;
