import './peek.css';
import { useEffect, useMemo, useRef, useState } from 'react';
import type { PlacedChart } from '../../contract';
import { formatDay } from '../../core/calendar';
import { type BoardStyle, type PeekDefinition, peekWidths } from '../../core/chart';
import { type Narrowing, sayNarrowed } from '../../core/narrowing';
import { linesOf, type Reading } from '../../core/reading';
import { withoutSlots } from '../../core/labels';
import { Chart, useDrawing } from '../plot';
import { type Linked, type PointedDay, type Pointing } from '../pointing';
import { noHighlight } from '../picture';
import { type TurnedDials, useChartReading } from '../reading';

/** How long a reader stays at a spot before its companion comes, in milliseconds. */
const pause = 350;

/** Widths and heights of a companion, in pixels. */
const sizes: Record<PeekDefinition['size'], { width: number; height: number }> = {
  small: { width: 320, height: 220 },
  medium: { width: 420, height: 280 },
  large: { width: 560, height: 360 },
};

/** How large a companion stands: as wide as its author has said, in the form of its size. */
function sizeOf({ size, width }: PeekDefinition) {
  const usual = sizes[size];
  return width === undefined
    ? usual
    : { width, height: Math.round((width * usual.height) / usual.width) };
}

interface PeekProps {
  /** the charts of the dashboard */
  charts: readonly PlacedChart[];
  /** what stands at the pointer in the chart of this page; missing: as each of the charts has it */
  own?: PeekDefinition;
  link: string | null;
  style: BoardStyle;
  /** as the reader has turned them */
  dials: TurnedDials;
  pointing: Pointing;
  /** the readings of the charts, by chart */
  readings: Readonly<Record<number, Reading>>;
}

/** The companion of the chart that is pointed at: another chart, for what is pointed at. */
export function Peek({ charts, own, pointing, readings, ...shared }: PeekProps) {
  const at = useRested(pointing);
  const host = charts.find(({ id }) => id === at?.chart);
  const peek = own ?? host?.definition.linking?.peek;
  const companion = charts.find(({ id }) => id === peek?.chart);
  if (!at || !peek || !companion || companion.id === at.chart) return null;
  const reading = readings[at.chart];
  return (
    <Companion
      key={companion.id}
      {...shared}
      {...{ at, peek, pointing }}
      chart={companion}
      narrowings={peek.shows === 'pointed' ? narrowingsAt(at, reading) : noNarrowings}
    />
  );
}

const noNarrowings: readonly Narrowing[] = [];

/** What a reader has come to rest at; null while they point at nothing. */
function useRested(pointing: Pointing): PointedDay | null {
  const [at, setAt] = useState<PointedDay | null>(null);
  useEffect(() => {
    let waiting: ReturnType<typeof setTimeout> | undefined;
    const follow = () => {
      clearTimeout(waiting);
      const next = pointing.current();
      if (next) waiting = setTimeout(() => setAt(next), pause);
      else setAt(null);
    };
    const leave = pointing.subscribe(follow);
    return () => {
      clearTimeout(waiting);
      leave();
    };
  }, [pointing]);
  return at;
}

/** The period that is pointed at, and the line where it is one of a split. */
function narrowingsAt(at: PointedDay, reading: Reading | undefined): Narrowing[] {
  const { start, next } = at.period;
  const line = reading && linesOf(reading).find(({ id }) => id === at.line);
  return [
    { kind: 'dates', chart: at.chart, from: formatDay(start), to: formatDay(next - 1) },
    ...(line?.split && !line.others
      ? [{ kind: 'line' as const, chart: at.chart, series: line.seriesId, word: line.key }]
      : []),
  ];
}

interface CompanionProps extends Pick<PeekProps, 'link' | 'style' | 'dials' | 'pointing'> {
  at: PointedDay;
  peek: PeekDefinition;
  chart: PlacedChart;
  narrowings: readonly Narrowing[];
}

function Companion({ at, peek, chart, link, style, dials, pointing, narrowings }: CompanionProps) {
  const { reading, follows } = useChartReading(chart, link, style, { dials, narrowings });
  const room = useRef<HTMLDivElement>(null);
  const drawing = useDrawing(room, reading, { highlight: noHighlight, notes: noNotes });
  const linked = useMemo(
    (): Linked => ({
      pointing,
      chart: chart.id,
      held: [],
      lit: null,
      onHold: () => {},
      onLight: () => {},
      onRelease: () => {},
      look: peek.line,
      valued: true,
    }),
    [pointing, chart.id, peek.line],
  );
  const size = sizeOf(peek);
  const title = reading?.title ?? withoutSlots(chart.definition.title);
  const narrowed = sayNarrowed(narrowings, follows);
  return (
    <aside className="peek" aria-label={`Beside it: ${title}`} style={placeOf(at, size, peek)}>
      <h3>{title}</h3>
      <p className="quiet small" role="status">
        {narrowed || reading?.described}
      </p>
      <div ref={room} className="chart-room">
        {reading?.positions.length === 0 && <p className="quiet nothing">No figures there.</p>}
        {reading && reading.positions.length > 0 && (
          <Chart {...{ reading, drawing, linked }} highlight={noHighlight} onHighlight={() => {}} />
        )}
      </div>
    </aside>
  );
}

const noNotes: readonly never[] = [];

/** Distances from the picture and from the edge of the window, in pixels. */
const apart = 16;
const edge = 8;

/**
 * Where a companion stands: on the side that its author has said, else below the picture, beside it, or
 * above it, wherever there is room, so that neither the point nor its figures are covered.
 */
function placeOf(
  { frame, x }: PointedDay,
  { width, height }: { width: number; height: number },
  { side, width: isExact }: PeekDefinition,
) {
  // Its sheet, with the read-out beneath the picture.
  const box = (frame.closest('article') ?? frame).getBoundingClientRect();
  const within = (place: number, most: number) => Math.max(edge, Math.min(place, most - edge));
  const left = within(box.left + x - width / 2, window.innerWidth - width);
  const top = within(box.top, window.innerHeight - height);
  const [before, after] = [box.left - apart - width, box.right + apart];
  const below =
    box.bottom + apart + height < window.innerHeight ? [{ left, top: box.bottom + apart }] : [];
  const beside = [
    ...(after + width < window.innerWidth ? [{ left: after, top }] : []),
    ...(before > 0 ? [{ left: before, top }] : []),
  ];
  const places = side === 'beside' ? [...beside, ...below] : [...below, ...beside];
  if (places[0]) return { width, height, ...places[0] };
  // Where there is room for a narrower one beside it, that covers nothing.
  const room = window.innerWidth - box.right - apart - edge;
  const share = isExact ? 1 : room / width;
  if (share < 1 && room >= peekWidths.least)
    return { width: room, height: height * share, left: box.right + apart, top };
  return { width, height, left, top: within(box.top - height - apart, Infinity) };
}
