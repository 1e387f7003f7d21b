import { type CSSProperties, useRef } from 'react';
import { linesOf, type Reading, type Zoom } from '../../core/reading';
import { Act } from '../hands';

interface OverviewStripProps {
  /** all of it */
  reading: Reading;
  zoom: Zoom | null;
  /** null: all of it again */
  onZoom: (zoom: Zoom | null) => void;
}

/** What can be taken hold of: either end of the part that is looked at, or all of it. */
type Grip = 'from' | 'to' | 'both';

const height = 34;

/**
 * The whole course, small, and which part of it is looked at: its ends are moved, or all of it, by
 * pointer or keys.
 */
export function OverviewStrip({ reading, zoom, onZoom }: OverviewStripProps) {
  const last = reading.positions.length - 1;
  const shown = zoom ?? { from: 0, to: last };
  const part = (place: number) => `${(place / (last + 1)) * 100}%`;
  const [left, right] = [part(shown.from), part(last - shown.to)];
  const label = (place: number) => reading.positions[place]?.label ?? '';
  const shared = {
    shown,
    last,
    onMove: (next: Zoom) => onZoom(next.from === 0 && next.to === last ? null : next),
  };
  return (
    <div className="overview row small">
      <div className="overview-bar" style={{ height }} role="group" aria-label="Overview">
        <Course reading={reading} />
        <Handle {...shared} grip="both" style={{ left, right }} label="" text="" />
        <Handle
          {...shared}
          grip="from"
          style={{ left }}
          label="Looked at from"
          text={label(shown.from)}
        />
        <Handle
          {...shared}
          grip="to"
          style={{ right }}
          label="Looked at to"
          text={label(shown.to)}
        />
      </div>
      <Act disabled={!zoom} onClick={() => onZoom(null)}>
        All of it
      </Act>
    </div>
  );
}

interface HandleProps {
  grip: Grip;
  shown: Zoom;
  last: number;
  style: CSSProperties;
  label: string;
  /** the period it stands at */
  text: string;
  onMove: (next: Zoom) => void;
}

/** An end of the part that is looked at, or all of it, taken hold of by pointer or keys. */
function Handle({ grip, shown, last, style, label, text, onMove }: HandleProps) {
  const held = useRef<{ x: number; at: Zoom } | null>(null);
  const steps: Record<string, number> = {
    ArrowLeft: -1,
    ArrowDown: -1,
    ArrowRight: 1,
    ArrowUp: 1,
    PageDown: -Math.ceil(last / 10),
    PageUp: Math.ceil(last / 10),
    Home: -last,
    End: last,
  };
  const slider = grip !== 'both' && {
    role: 'slider',
    tabIndex: 0,
    'aria-label': label,
    'aria-valuetext': text,
    'aria-valuemin': 0,
    'aria-valuemax': last,
    'aria-valuenow': shown[grip],
  };
  return (
    <div
      {...slider}
      className={grip === 'both' ? 'overview-window' : `overview-end ${grip}`}
      style={style}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        held.current = { x: event.clientX, at: shown };
      }}
      onPointerMove={({ clientX, currentTarget }) => {
        const width = currentTarget.parentElement?.clientWidth ?? 0;
        if (!held.current || width === 0) return;
        const { x, at } = held.current;
        onMove(moved(grip, at, Math.round(((clientX - x) / width) * (last + 1)), last));
      }}
      onPointerUp={() => (held.current = null)}
      onKeyDown={(event) => {
        const by = steps[event.key];
        if (by === undefined) return;
        onMove(moved(grip, shown, by, last));
        event.preventDefault();
      }}
    />
  );
}

/** Fewer positions than these are not looked at. */
const fewest = 2;

function moved(grip: Grip, { from, to }: Zoom, by: number, last: number): Zoom {
  if (grip === 'from') return { from: Math.max(0, Math.min(to - fewest + 1, from + by)), to };
  if (grip === 'to') return { from, to: Math.min(last, Math.max(from + fewest - 1, to + by)) };
  const step = Math.max(-from, Math.min(last - to, by));
  return { from: from + step, to: to + step };
}

/** All lines, thin and without their colours. */
function Course({ reading }: { reading: Reading }) {
  const lines = linesOf(reading);
  const figures = lines.flatMap((line) => line.figures.filter((figure) => figure !== null));
  const [low, high] = figures.reduce(
    ([least, most], figure) => [Math.min(least, figure), Math.max(most, figure)],
    [Infinity, -Infinity],
  );
  const width = reading.positions.length;
  const path = ({ figures: own }: { figures: readonly (number | null)[] }) =>
    own
      .map((figure, place) => {
        if (figure === null) return '';
        const y = height - 3 - ((figure - low) / (high - low || 1)) * (height - 6);
        const begins = (own[place - 1] ?? null) === null;
        return `${begins ? 'M' : 'L'}${place + 0.5} ${y.toFixed(1)}`;
      })
      .join('');
  return (
    <svg viewBox={`0 0 ${width} ${height}`} preserveAspectRatio="none" aria-hidden="true">
      {lines.map((line) => (
        <path key={line.id} d={path(line)} vectorEffect="non-scaling-stroke" />
      ))}
    </svg>
  );
}
