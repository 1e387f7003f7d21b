import './plot.css';
import { useCallback, useId, useRef, useState } from 'react';
import type { Note } from '../../contract';
import type { Reading } from '../../core/reading';
import {
  isStill,
  type Linked,
  middleDay,
  type NoteSpot,
  pickDates,
  pickLine,
  type Pointed,
  pointedAt,
  type PointedDay,
  pressKey,
  sayKeys,
  useDatesDrag,
} from '../pointing';
import { ChartOverlay } from './ChartOverlay';
import { type Drawing, type Highlight, isMore, toX, withLit } from '../picture';
import { ReplayFront } from './ReplayFront';
import { usePlotly } from './usePlot';
import type { YardstickGrip } from './YardstickGrips';

interface ChartProps {
  reading: Reading;
  /** the reading as it is drawn; null while there is no room for it */
  drawing: Drawing | null;
  highlight: Highlight;
  onHighlight: (highlight: Highlight) => void;
  /** missing for those who may not write notes */
  onWriteNote?: (spot: NoteSpot) => void;
  onOpenNote?: (note: Note) => void;
  /** tells which period the reader points at */
  onPoint?: (period: number | null) => void;
  /** presses on the staff and the tape; missing where nothing can be set by them */
  onScale?: { staff: (value: number) => void; tape: (day: number) => void };
  /** what of the yardsticks can be moved by hand; missing where nothing can */
  grips?: readonly YardstickGrip[];
  /** the period that is pointed at elsewhere, as in the figures */
  pointedAt?: number | null;
  /** what is pointed at and held in all charts of its dashboard; missing where it stands alone */
  linked?: Linked;
  /** how far it has been drawn over time: a place among its positions; null: all of it */
  replayedTo?: number | null;
}

/** A chart with its crosshair; it fills the element it stands in. */
export function Chart(props: ChartProps) {
  const { reading, drawing, highlight, onHighlight } = props;
  const { onWriteNote, onOpenNote, onPoint, linked } = props;
  const { replayedTo = null } = props;
  const frame = useRef<HTMLDivElement>(null);
  const plot = useRef<HTMLDivElement>(null);
  const summary = useId();
  const [at, setAt] = useState<Pointed | null>(null);
  usePlotly(plot, drawing);

  const hand = reading.axis === 'calendar' ? linked?.narrowing : undefined;
  const drag = useDatesDrag(
    frame,
    reading,
    drawing,
    hand && ((stretch) => pickDates(hand, reading, stretch)),
  );

  const point = (next: Pointed | null) => {
    setAt(next);
    onPoint?.(next?.period ?? null);
    linked?.pointing.point(next && pointedDay(reading, drawing, next, frame.current, linked));
  };
  const pointed = (event: React.PointerEvent | React.MouseEvent) => {
    const box = frame.current?.getBoundingClientRect();
    if (!box || !drawing) return null;
    const place = { x: event.clientX - box.left, y: event.clientY - box.top };
    return pointedAt(reading, drawing, place);
  };
  const narrowing = linked?.narrowing;
  const toggle = useCallback(
    (series: string, more: boolean) => {
      const next = withLit(highlight, series, more);
      onHighlight(next);
      if (narrowing && !more) pickLine(narrowing, reading, series, next.includes(series));
    },
    [highlight, onHighlight, narrowing, reading],
  );

  const onKeyDown = (event: React.KeyboardEvent) => {
    if (event.target !== event.currentTarget || event.ctrlKey || event.metaKey) return;
    const chart = { reading, at, highlight, linked, point, onHighlight, onWriteNote };
    if (pressKey(chart, event)) event.preventDefault();
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
      onPointerDown={drag.onPointerDown}
      onPointerUp={drag.onPointerUp}
      onPointerCancel={drag.onPointerCancel}
      onPointerMove={(event) => {
        drag.onPointerMove(event);
        if (at?.held || isStill(event)) return;
        const next = pointed(event);
        if (next?.period !== at?.period || next?.series !== at?.series || next?.panel !== at?.panel)
          point(next);
      }}
      onPointerLeave={(event) => !at?.held && !isStill(event) && point(null)}
      onBlur={(event) => !event.currentTarget.contains(event.relatedTarget) && point(null)}
      onClick={(event) => {
        if (drag.wasDragged() || (event.target as HTMLElement).closest('button')) return;
        const next = pointed(event);
        if (next?.series) toggle(next.series, isMore(event));
        else if (next && reading.axis === 'calendar')
          linked?.onHold(middleDay(reading, next.period));
        if (onWriteNote)
          point(next && !(at?.held && at.period === next.period) ? { ...next, held: true } : null);
      }}
    >
      <p id={summary} className="visually-hidden">
        {reading.summary} {sayKeys({ linked, onWriteNote })}
      </p>
      <div ref={plot} className="chart-plot" aria-hidden="true" />
      {drawing && replayedTo !== null && (
        <ReplayFront {...{ reading, drawing, highlight }} at={replayedTo} />
      )}
      {drawing && (
        <ChartOverlay
          {...{ reading, drawing, highlight, at, toggle, onOpenNote, linked }}
          pointedAt={props.pointedAt ?? null}
          dragged={drag.stretch}
          onScale={props.onScale}
          grips={props.grips}
          // A note stands on a day of the calendar.
          onWriteNote={reading.axis === 'calendar' ? onWriteNote : undefined}
        />
      )}
    </div>
  );
}

/** What is pointed at as the other charts know it; null where it is no day of the calendar. */
function pointedDay(
  reading: Reading,
  drawing: Drawing | null,
  { period, series }: Pointed,
  frame: HTMLElement | null,
  { chart }: Linked,
): PointedDay | null {
  const position = reading.positions[period];
  const geometry = drawing?.panels[0]?.geometry;
  if (reading.axis !== 'calendar' || !position || !frame || !geometry) return null;
  return {
    day: middleDay(reading, period),
    chart,
    line: series,
    frame,
    period: { start: position.start, next: position.next },
    x: toX(geometry, position.middle),
  };
}
