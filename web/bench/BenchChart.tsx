import { useAfterPaint } from './useAfterPaint';
import { Suspense, useMemo, useRef, useState } from 'react';
import type { Note } from '../../contract';
import type { DrawnChart } from '../../core/chart';
import type { Reading } from '../../core/reading';
import { Act, Empty } from '../controls';
import { Chart, useDrawing, type YardstickGrip } from '../plot';
import { type Highlight } from '../picture';
import { type NoteSpot, PointedHere, type Pointing, ReadOutStrip, useLetGo } from '../pointing';
import { type FigureAsked, figureAsked, RowsBehindPanel } from '../figures';
import { BenchFigures } from './BenchFigures';
import type { PreviewSize } from './previewSizes';

/** The names of the figures' rows need this much beside the plot, in pixels. */
const roomAtLeft = 76;

interface BenchChartProps {
  /** is told which day is pointed at */
  pointing: Pointing;
  chartId: number;
  chart: DrawnChart;
  /** sets yardsticks by the staff and the tape */
  onScale: { staff: (value: number) => void; tape: (day: number) => void };
  /** moves yardsticks in the picture */
  grips: readonly YardstickGrip[];
  /** the sizes at which it is seen where it is placed */
  sizes: readonly PreviewSize[];
  reading: Reading | null;
  notes: readonly Note[];
  highlight: Highlight;
  onHighlight: (highlight: Highlight) => void;
  onWriteNote: (spot: NoteSpot) => void;
  onOpenNote: (note: Note) => void;
}

/** The chart on the bench, and right under its tape the figures. */
export function BenchChart({
  pointing,
  chartId,
  chart,
  sizes,
  grips,
  onScale,
  reading,
  notes,
  highlight,
  onHighlight,
  onWriteNote,
  onOpenNote,
}: BenchChartProps) {
  const [size, setSize] = useState<PreviewSize | null>(null);
  const room = useRef<HTMLDivElement>(null);
  const drawing = useDrawing(room, reading, {
    highlight,
    notes,
    // At another size the figures do not stand beneath it.
    roomAtLeft: size ? 0 : roomAtLeft,
  });
  const [pointed, setPointed] = useState<number | null>(null);
  const [pointer] = useState(() => new PointedHere());
  const letGo = useLetGo(pointer);
  const tells = useMemo(() => ({ pointing, chart: chartId }), [pointing, chartId]);
  const [asked, setAsked] = useState<FigureAsked | null>(null);
  const onAsk = (line: string, place: number) =>
    reading && setAsked(figureAsked(reading, line, place));
  const acts = { highlight, onHighlight, onWriteNote, onAsk };
  // The picture comes first; the figures beneath it follow once it is seen.
  const told = useAfterPaint(useMemo(() => ({ reading, drawing }), [reading, drawing]));
  return (
    <section className="bench-chart" aria-label="Chart and figures" {...letGo}>
      {sizes.length > 0 && (
        <div className="row preview-sizes" role="group" aria-label="Seen at the size">
          <span className="quiet small">Seen</span>
          {[null, ...sizes].map((each) => (
            <Act
              key={each?.label ?? ''}
              aria-pressed={each?.label === size?.label}
              onClick={() => setSize(each)}
            >
              {each?.label ?? 'here'}
            </Act>
          ))}
        </div>
      )}
      <div className="bench-read-out">
        <ReadOutStrip {...{ reading, pointer }} {...acts} />
      </div>
      {reading && asked && (
        <Suspense fallback={null}>
          <RowsBehindPanel {...{ chartId, reading, asked }} onClose={() => setAsked(null)} />
        </Suspense>
      )}
      <div
        ref={room}
        className={size ? 'bench-plot preview' : 'bench-plot'}
        style={size ? { width: size.width, height: size.height } : undefined}
      >
        {reading?.positions.length === 0 && (
          <Empty title="Nothing to draw yet">
            <p>Choose the source, its date column and its figures in the sentence above.</p>
          </Empty>
        )}
        {reading && reading.positions.length > 0 && (
          <Chart
            {...{ reading, drawing, pointer, tells, onOpenNote, onScale, grips }}
            {...acts}
            onPoint={setPointed}
            pointedAt={pointed}
          />
        )}
      </div>
      {told.reading && told.drawing && (
        <BenchFigures
          {...{ chart, highlight, pointed, onHighlight }}
          onAsk={setAsked}
          reading={told.reading}
          drawing={told.drawing}
          mayStandBeneath={!size}
          onPoint={setPointed}
        />
      )}
    </section>
  );
}
