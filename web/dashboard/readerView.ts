import { type Day, formatDay, parseDay } from '../../core/calendar';
import type { DialValue } from '../../core/dials';
import type { TurnedDials } from '../plot';

/** How a reader looks at a dashboard, for themselves: nothing of it changes the charts. */
export interface ReaderView {
  dials: TurnedDials;
  /** the period that is chosen in a chart, by its id and first day */
  periods: Readonly<Record<number, Day>>;
}

const dial = 'dial.';
const period = 'period.';
const prefixes = [dial, period];

/** Reads a view from an address; what cannot be understood is left out. */
export function readView(params: URLSearchParams): ReaderView {
  const under = (prefix: string) =>
    [...params]
      .filter(([key]) => key.startsWith(prefix))
      .map(([key, value]) => [key.slice(prefix.length), value] as const);
  return {
    dials: Object.fromEntries(under(dial).map(([name, value]) => [name, valueOf(value)])),
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
  return new URLSearchParams([...kept, ...dials, ...periods]);
}

/** A number where it is one; dates stay as they are written. */
const valueOf = (text: string): DialValue =>
  text.trim() !== '' && Number.isFinite(Number(text)) ? Number(text) : text;
