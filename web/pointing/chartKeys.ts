import { linesOf } from '../../core/reading';
import { atPlace, latestLit, noHighlight } from '../picture';
import {
  askWhence,
  type ChartAct,
  hold,
  litPlace,
  type PointedChart,
  writeNote,
} from './chartActs';
import { pickDates, pickedStretch, pickLine } from './narrowing';
import { middleDay, type Pointed } from './pointed';

/** What keys act on. */
export interface KeyedChart extends PointedChart {
  point: (next: Pointed | null) => void;
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
    point({ period, panel: at?.panel ?? 0, day, series: null, onPoint: false });
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

/** Does one of what can be done; nothing where it cannot. */
const does =
  ({ can, act }: ChartAct): Act =>
  (chart) => {
    if (!can(chart)) return false;
    act(chart);
    return true;
  };

const holdOrWrite: Act = (chart, key) =>
  does(hold)(chart, key) || (!!chart.at && does(writeNote)(chart, key));

/** Highlights the place pointed at, the others in grey; or lets it go. */
const lightPlace: Act = ({ reading, at, linked }) => {
  if (!linked) return false;
  const lit = litPlace({ linked, reading });
  if (!at && lit === null) return false;
  linked.onLight(at && at.period !== lit ? atPlace(reading, at.period) : null);
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
  Enter: holdOrWrite,
  h: lightPlace,
  n: does(writeNote),
  p: narrowToDates,
  P: narrowToDates,
  s: narrowToLine,
  w: does(askWhence),
};

/** Does what a key means in a chart, and tells whether it means anything. */
export const pressKey = (chart: KeyedChart, key: Key): boolean =>
  acts[key.key]?.(chart, key) ?? false;

/** What the keys do, in words, as far as a chart has them. */
export function sayKeys({
  linked,
  onWriteNote,
  onAsk,
}: Pick<KeyedChart, 'linked' | 'onWriteNote' | 'onAsk'>) {
  return [
    'Arrow keys left and right move the crosshair, up and down highlight a series, with Shift several.',
    linked && 'Enter holds a date, the key H highlights the period alone, Escape lets all go.',
    onWriteNote && 'The key N writes a note, on the whole chart where nothing is pointed at.',
    onAsk && 'The key W tells where a figure comes from.',
    linked?.narrowing &&
      'The key P narrows the other charts to the period, Shift and P up to it, the key S to the highlighted series.',
  ]
    .filter(Boolean)
    .join(' ');
}
