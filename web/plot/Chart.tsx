import './plot.css';
import { useCallback, useId, useRef, useState } from 'react';
import type { Note } from '../../contract';
import { linesOf, type Reading } from '../../core/reading';
import { Crosshair } from './Crosshair';
import type { Drawing, DrawnPanel } from './drawing';
import { EndLabels } from './EndLabels';
import { dayAt, type Geometry, periodAt, plotBottom } from './geometry';
import { LinkedDates } from './LinkedDates';
import type { Linked } from './pointing';
import { ReplayFront } from './ReplayFront';
import { ScaleHandles } from './ScaleHandles';
import { seriesAt } from './seriesAt';
import { usePlotly } from './usePlot';

/** Where a note is to be anchored. */
export interface NoteSpot {
  day: number;
  series: string | null;
}

interface ChartProps {
  reading: Reading;
  /** the reading as it is drawn; null while there is no room for it */
  drawing: Drawing | null;
  highlight: string | null;
  onHighlight: (series: string | null) => void;
  /** missing for those who may not write notes */
  onWriteNote?: (spot: NoteSpot) => void;
  onOpenNote?: (note: Note) => void;
  /** tells which period the reader points at */
  onPoint?: (period: number | null) => void;
  /** presses on the staff and the tape; missing where nothing can be set by them */
  onScale?: { staff: (value: number) => void; tape: (day: number) => void };
  /** the period that is pointed at elsewhere, as in the figures */
  pointedAt?: number | null;
  /** what is pointed at and held in all charts of its dashboard; missing where it stands alone */
  linked?: Linked;
  /** how far it has been drawn over time: a place among its positions; null: all of it */
  replayedTo?: number | null;
}

/** What the reader points at. */
interface Pointed {
  period: number;
  /** the panel it is in, by its place */
  panel: number;
  /** a note written here stands on this day */
  day: number;
  /** the series under the pointer */
  series: string | null;
  /** it stays until released */
  held: boolean;
}

/** A chart with its crosshair; it fills the element it stands in. */
export function Chart(props: ChartProps) {
  const { reading, drawing, highlight, onHighlight } = props;
  const { onWriteNote, onOpenNote, onPoint, pointedAt = null, linked } = props;
  const { replayedTo = null } = props;
  const frame = useRef<HTMLDivElement>(null);
  const plot = useRef<HTMLDivElement>(null);
  const summary = useId();
  const [at, setAt] = useState<Pointed | null>(null);
  usePlotly(plot, drawing);

  const point = (next: Pointed | null) => {
    setAt(next);
    onPoint?.(next?.period ?? null);
    const dated = next && reading.axis === 'calendar';
    linked?.pointing.point(
      dated ? { day: middleDay(reading, next.period), chart: linked.chart } : null,
    );
  };
  const pointed = (event: React.PointerEvent | React.MouseEvent) => {
    const box = frame.current?.getBoundingClientRect();
    if (!box || !drawing) return null;
    const x = event.clientX - box.left;
    const y = event.clientY - box.top;
    const panel = panelAt(drawing.panels, x, y);
    const placed = drawing.panels[panel];
    if (!placed) return null;
    const at = dayAt(placed.geometry, x);
    const period = periodAt(reading, at);
    const series = seriesAt(reading, placed, period, x, y);
    // Pointing at a point means its period; beside all lines it means the very day.
    const byDay = !series && reading.axis === 'calendar';
    return { period, panel, series, day: byDay ? Math.floor(at) : middleDay(reading, period) };
  };
  const goTo = (period: number) =>
    point({
      ...{ period, panel: at?.panel ?? 0, day: middleDay(reading, period) },
      ...{ series: null, held: false },
    });
  const toggle = useCallback(
    (series: string | null) => series && onHighlight(highlight === series ? null : series),
    [highlight, onHighlight],
  );

  const onKeyDown = (event: React.KeyboardEvent) => {
    if (event.target !== event.currentTarget) return;
    const last = reading.positions.length - 1;
    const here = at?.period ?? (event.key === 'ArrowLeft' ? last + 1 : -1);
    const steps: Record<string, number> = {
      ArrowLeft: here - 1,
      ArrowRight: here + 1,
      Home: 0,
      End: last,
    };
    const step = steps[event.key];
    const ids = linesOf(reading).map(({ id }) => id);
    if (step !== undefined) goTo(Math.max(0, Math.min(last, step)));
    else if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
      const now = highlight === null ? -1 : ids.indexOf(highlight);
      const next = event.key === 'ArrowDown' ? now + 1 : now < 0 ? ids.length - 1 : now - 1;
      onHighlight(ids[next] ?? null);
    } else if (event.key === 'Escape') {
      point(null);
      linked?.onRelease();
      onHighlight(null);
    } else if (event.key === 'Enter' && at && linked && reading.axis === 'calendar') {
      linked.onHold(middleDay(reading, at.period));
    } else if (
      (event.key === 'n' || event.key === 'Enter') &&
      at &&
      onWriteNote &&
      reading.axis === 'calendar'
    ) {
      onWriteNote({ day: at.day, series: highlight });
    } else return;
    event.preventDefault();
  };

  return (
    <div
      ref={frame}
      className={replayedTo === null ? 'chart' : 'chart replayed'}
      role="group"
      tabIndex={0}
      aria-label={`${reading.title}, line chart`}
      aria-describedby={summary}
      onKeyDown={onKeyDown}
      onPointerMove={(event) => {
        if (at?.held) return;
        const next = pointed(event);
        if (next?.period !== at?.period || next?.series !== at?.series || next?.panel !== at?.panel)
          point(next && { ...next, held: false });
      }}
      onPointerLeave={() => !at?.held && point(null)}
      onBlur={(event) => !event.currentTarget.contains(event.relatedTarget) && point(null)}
      onClick={(event) => {
        if ((event.target as HTMLElement).closest('button')) return;
        const next = pointed(event);
        if (next?.series) toggle(next.series);
        else if (next && reading.axis === 'calendar')
          linked?.onHold(middleDay(reading, next.period));
        if (onWriteNote)
          point(next && !(at?.held && at.period === next.period) ? { ...next, held: true } : null);
      }}
    >
      <p id={summary} className="visually-hidden">
        {reading.summary} Arrow keys left and right move the crosshair, up and down highlight a
        series.{linked && ' Enter holds a date, Escape lets all go.'}
        {onWriteNote && ' The key N writes a note.'}
      </p>
      <div ref={plot} className="chart-plot" aria-hidden="true" />
      {drawing && replayedTo !== null && (
        <ReplayFront {...{ reading, drawing, highlight }} at={replayedTo} />
      )}
      {drawing && (
        <Overlay
          {...{ reading, drawing, highlight, pointedAt, at, toggle, onOpenNote, linked }}
          onScale={props.onScale}
          // A note stands on a day of the calendar.
          onWriteNote={reading.axis === 'calendar' ? onWriteNote : undefined}
        />
      )}
    </div>
  );
}

interface OverlayProps extends Pick<ChartProps, 'reading' | 'highlight' | 'onScale' | 'linked'> {
  drawing: Drawing;
  pointedAt: number | null;
  at: Pointed | null;
  toggle: (series: string | null) => void;
  onWriteNote?: (spot: NoteSpot) => void;
  onOpenNote?: (note: Note) => void;
}

/** What lies over the picture: names, pennants, and the crosshair where something is pointed at. */
function Overlay(props: OverlayProps) {
  const { at, pointedAt, toggle, onWriteNote, onOpenNote, onScale, linked, ...shared } = props;
  const { reading, drawing, highlight } = shared;
  const period = at?.period ?? pointedAt;
  return (
    <>
      {onScale && (
        <ScaleHandles {...{ reading, drawing }} onStaff={onScale.staff} onTape={onScale.tape} />
      )}
      <EndLabels {...{ reading, drawing, highlight, onOpenNote }} onToggle={toggle} />
      {linked && <LinkedDates {...shared} linked={linked} />}
      {period !== null && reading.positions[period] && (
        <Crosshair
          {...shared}
          panel={at?.panel ?? 0}
          period={period}
          nearest={at?.series ?? null}
          held={at?.held ?? false}
          onWriteNote={
            at && onWriteNote
              ? () => onWriteNote({ day: at.day, series: at.series ?? highlight })
              : undefined
          }
        />
      )}
    </>
  );
}

/** The panel at a point of the picture; -1 beside all of them. */
function panelAt(panels: readonly DrawnPanel[], x: number, y: number): number {
  const apart = ({ width, left, right, ...geometry }: Geometry) => {
    const across = Math.max(left - 4 - x, x - (width - right + 4), 0);
    const bottom = plotBottom({ width, left, right, ...geometry });
    const down = Math.max(geometry.top - y, y - bottom, 0);
    return across > 0 ? Infinity : down;
  };
  const distances = panels.map(({ geometry }) => apart(geometry));
  const least = Math.min(...distances);
  return least === Infinity ? -1 : distances.indexOf(least);
}

/** The middle day of a period, where its figures stand. */
function middleDay({ positions }: Reading, place: number): number {
  const period = positions[place];
  return period ? Math.floor((period.start + period.next - 1) / 2) : 0;
}
