import { linesOf, type Reading } from '../../core/reading';
import { type Highlight, latestLit, noHighlight, placeOf } from '../picture';
import { pickDates, pickedStretch, pickLine } from './narrowing';
import { middleDay, type Pointed } from './pointed';
import type { Linked } from './pointing';

/** What keys act on. */
export interface KeyedChart {
  reading: Reading;
  at: Pointed | null;
  highlight: Highlight;
  linked?: Linked;
  point: (next: Pointed | null) => void;
  onHighlight: (highlight: Highlight) => void;
  onWriteNote?: (spot: { day: number | null; series: string | null }) => void;
}

type Key = Pick<React.KeyboardEvent, 'key' | 'shiftKey'>;
type Act = (chart: KeyedChart, key: Key) => boolean;

/** Moves the crosshair to a position, counted from where it stands. */
const crosshair =
  (place: (here: number | null, last: number) => number): Act =>
  ({ reading, at, point }) => {
    const last = reading.positions.length - 1;
    const period = Math.max(0, Math.min(last, place(at?.period ?? null, last)));
    const day = middleDay(reading, period);
    point({ period, panel: at?.panel ?? 0, day, series: null, held: false });
    return true;
  };

/** Highlights the next line; with Shift beside those that are. */
const nextLine =
  (by: 1 | -1): Act =>
  ({ reading, highlight, onHighlight }, { shiftKey }) => {
    const ids = linesOf(reading).map(({ id }) => id);
    const lit = latestLit(highlight);
    const now = lit === null ? (by > 0 ? -1 : ids.length) : ids.indexOf(lit);
    const next = ids[now + by];
    const before = shiftKey ? highlight.filter((id) => id !== next) : noHighlight;
    onHighlight(next === undefined ? noHighlight : [...before, next]);
    return true;
  };

const release: Act = ({ point, linked, onHighlight }) => {
  point(null);
  linked?.onRelease();
  onHighlight(noHighlight);
  return true;
};

const writeNote: Act = ({ reading, at, highlight, onWriteNote }) => {
  if (!onWriteNote) return false;
  const day = at && reading.axis === 'calendar' ? at.day : null;
  onWriteNote({ day, series: latestLit(highlight) });
  return true;
};

const hold: Act = (chart, key) => {
  const { reading, at, linked } = chart;
  if (!at || !linked || reading.axis !== 'calendar') return writeNote(chart, key);
  linked.onHold(middleDay(reading, at.period));
  return true;
};

/** Highlights the period pointed at, the others in grey; or lets it go. */
const lightPeriod: Act = ({ reading, at, linked }) => {
  if (!linked || reading.axis !== 'calendar') return false;
  const lit = linked.lit === null ? null : placeOf(reading, linked.lit);
  if (!at && lit === null) return false;
  linked.onLight(at && at.period !== lit ? middleDay(reading, at.period) : null);
  return true;
};

/** Narrows the other charts to the period pointed at; with Shift, from what is picked up to it. */
const narrowToDates: Act = ({ reading, at, linked }, { shiftKey }) => {
  const hand = linked?.narrowing;
  if (!at || !hand || reading.axis !== 'calendar') return false;
  const before = shiftKey ? pickedStretch(reading, hand) : null;
  const { period } = at;
  pickDates(hand, reading, {
    first: Math.min(period, before?.first ?? period),
    last: Math.max(period, before?.last ?? period),
  });
  return true;
};

const narrowToLine: Act = ({ reading, highlight, linked }) => {
  const lit = latestLit(highlight);
  const hand = linked?.narrowing;
  if (lit === null || !hand) return false;
  pickLine(hand, reading, lit, !hand.picked.some(({ kind }) => kind === 'line'));
  return true;
};

/** What each key does; an act tells whether it did anything. */
const acts: Readonly<Record<string, Act>> = {
  ArrowLeft: crosshair((here, last) => (here ?? last + 1) - 1),
  ArrowRight: crosshair((here) => (here ?? -1) + 1),
  Home: crosshair(() => 0),
  End: crosshair((_here, last) => last),
  ArrowDown: nextLine(1),
  ArrowUp: nextLine(-1),
  Escape: release,
  Enter: hold,
  h: lightPeriod,
  n: writeNote,
  p: narrowToDates,
  P: narrowToDates,
  s: narrowToLine,
};

/** Does what a key means in a chart, and tells whether it means anything. */
export const pressKey = (chart: KeyedChart, key: Key): boolean =>
  acts[key.key]?.(chart, key) ?? false;

/** What the keys do, in words, as far as a chart has them. */
export function sayKeys({ linked, onWriteNote }: Pick<KeyedChart, 'linked' | 'onWriteNote'>) {
  return [
    'Arrow keys left and right move the crosshair, up and down highlight a series, with Shift several.',
    linked && 'Enter holds a date, the key H highlights the period alone, Escape lets all go.',
    onWriteNote && 'The key N writes a note, on the whole chart where nothing is pointed at.',
    linked?.narrowing &&
      'The key P narrows the other charts to the period, Shift and P up to it, the key S to the highlighted series.',
  ]
    .filter(Boolean)
    .join(' ');
}
