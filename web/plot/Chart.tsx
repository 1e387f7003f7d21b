import './plot.css';
import { useCallback, useEffect, useId, useRef, useState } from 'react';
import type { Note } from '../../contract';
import type { Reading } from '../../core/reading';
import {
  isStill,
  type Linked,
  middleDay,
  type NoteSpot,
  hold,
  pickDates,
  pickLine,
  pickPoint,
  type Pointed,
  pointedAt,
  type PointedDay,
  PointedHere,
  pressKey,
  sayKeys,
  useDatesDrag,
  usePointedHere,
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
  /** who else is told which day is pointed at; missing: the charts that it is linked with */
  tells?: Pick<Linked, 'pointing' | 'chart'>;
  /** where it is pointed at, as whatever stands beside it knows it; missing: nothing does */
  pointer?: PointedHere;
  /** tells where the figure of a line comes from; missing for those who may not know */
  onAsk?: (line: string, period: number) => void;
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
  const [own] = useState(() => new PointedHere());
  const pointer = props.pointer ?? own;
  const at = usePointedHere(pointer);
  usePlotly(plot, drawing);

  const hand = reading.axis === 'calendar' ? linked?.narrowing : undefined;
  const drag = useDatesDrag(
    frame,
    reading,
    drawing,
    hand && ((stretch) => pickDates(hand, reading, stretch)),
  );

  const { point } = pointer;
  useEffect(() => onPoint?.(at?.period ?? null), [at, onPoint]);
  const tells = props.tells ?? linked;
  useEffect(() => {
    if (!tells) return;
    const { pointing, chart } = tells;
    const next = at && pointedDay(reading, drawing, at, frame.current, chart);
    // Where another chart is pointed at is not this one's to let go.
    if (next || pointing.current()?.chart === chart) pointing.point(next);
  }, [at, tells, reading, drawing]);
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

  const chart = { reading, at, highlight, linked, onHighlight, onWriteNote, onAsk: props.onAsk };
  const onKeyDown = (event: React.KeyboardEvent) => {
    if (event.target !== event.currentTarget || event.ctrlKey || event.metaKey) return;
    if (pressKey({ ...chart, point }, event)) event.preventDefault();
  };
  /** A point that is pressed is picked, or a line on its way; beside the lines the date is held. */
  const press = (next: Pointed, more: boolean) => {
    const pressed = { ...chart, at: next };
    if (next.series === null) {
      if (hold.can(pressed)) hold.act(pressed);
    } else if (!next.onPoint || more || !linked) toggle(next.series, more);
    else pickPoint(pressed);
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
        if (isStill(event)) return;
        const next = pointed(event);
        if (!next) return;
        const keys = ['period', 'series', 'panel', 'onPoint'] as const;
        if (!at || keys.some((key) => next[key] !== at[key])) point(next);
      }}
      onClick={(event) => {
        if (drag.wasDragged() || (event.target as HTMLElement).closest('button')) return;
        const next = pointed(event);
        if (!next) return;
        point(next);
        press(next, isMore(event));
      }}
    >
      <p id={summary} className="visually-hidden">
        {reading.summary} {sayKeys(chart)}
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
  chart: number,
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
