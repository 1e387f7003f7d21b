import { useRef, useState } from 'react';
import type { Note } from '../../contract';
import { suffixWords } from '../../core/labels';
import type { DrawnChart } from '../../core/chart';
import { linesOf, type Reading, sayWhy } from '../../core/reading';
import { Empty } from '../look';
import {
  Chart,
  type FigureAsked,
  FiguresStrip,
  FiguresTable,
  narrowestColumn,
  type NoteSpot,
  RowsBehindPanel,
  sayLeftOut,
  useDrawing,
} from '../plot';
import type { PreviewSize } from './previewSizes';

/** The names of the figures' rows need this much beside the plot, in pixels. */
const roomAtLeft = 76;

interface BenchChartProps {
  chartId: number;
  chart: DrawnChart;
  /** sets yardsticks by the staff and the tape */
  onScale: { staff: (value: number) => void; tape: (day: number) => void };
  /** the sizes at which it is seen where it is placed */
  sizes: readonly PreviewSize[];
  reading: Reading | null;
  notes: readonly Note[];
  highlight: string | null;
  onHighlight: (series: string | null) => void;
  onWriteNote: (spot: NoteSpot) => void;
  onOpenNote: (note: Note) => void;
}

/** The chart on the bench, and right under its tape the figures. */
export function BenchChart({
  chartId,
  chart,
  sizes,
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
    ...{ highlight, notes },
    // At another size the figures do not stand beneath it.
    roomAtLeft: size ? 0 : roomAtLeft,
  });
  const geometry = drawing?.panels[0]?.geometry;
  const [pointed, setPointed] = useState<number | null>(null);
  const [asked, setAsked] = useState<FigureAsked | null>(null);
  const [asTable, setAsTable] = useState<boolean | null>(null);
  const columnWidth =
    geometry && reading
      ? (geometry.width - geometry.left - geometry.right) / reading.positions.length
      : 0;
  const alone = !size && reading?.panels.length === 1 && reading.axis !== 'ends';
  const fits = alone && columnWidth >= narrowestColumn && linesOf(reading).length <= 4;
  const table = asTable ?? !fits;
  return (
    <section className="bench-chart" aria-label="Chart and figures">
      {sizes.length > 0 && (
        <div className="row preview-sizes" role="group" aria-label="Seen at the size">
          <span className="quiet small">Seen</span>
          {[null, ...sizes].map((each) => (
            <button
              key={each?.label ?? ''}
              type="button"
              className="act"
              aria-pressed={each?.label === size?.label}
              onClick={() => setSize(each)}
            >
              {each?.label ?? 'here'}
            </button>
          ))}
        </div>
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
            reading={reading}
            drawing={drawing}
            highlight={highlight}
            onHighlight={onHighlight}
            onWriteNote={onWriteNote}
            onOpenNote={onOpenNote}
            onPoint={setPointed}
            pointedAt={pointed}
            onScale={onScale}
          />
        )}
      </div>
      {reading && asked && (
        <RowsBehindPanel {...{ chartId, reading, asked }} onClose={() => setAsked(null)} />
      )}
      {reading && geometry && (
        <div className="bench-figures">
          <header className="row">
            <h2>Figures</h2>
            <p className="quiet grow">{sayFigures(chart, reading, pointed, highlight)}</p>
            {fits && (
              <button type="button" className="act" onClick={() => setAsTable(!table)}>
                {table ? 'Under the tape' : 'As a table'}
              </button>
            )}
          </header>
          {table ? (
            <FiguresTable
              {...{ reading, highlight, pointed }}
              height={220}
              onPoint={setPointed}
              onAsk={setAsked}
            />
          ) : (
            <FiguresStrip
              reading={reading}
              left={geometry.left}
              right={geometry.right}
              columnWidth={columnWidth}
              pointed={pointed}
            />
          )}
          {drawing && drawing.leftOut > 0 && (
            <p className="quiet small figures-remark">{sayLeftOut(drawing).slice(2)}.</p>
          )}
          {reading.outlook.map((sentence) => (
            <p key={sentence} className="quiet small figures-remark">
              {sentence}
            </p>
          ))}
          {reading.remarks.map((remark) => (
            <p key={remark} className="quiet small figures-remark">
              {remark}
            </p>
          ))}
        </div>
      )}
    </section>
  );
}

/** What the figures at the pointer say, or how all of them are written. */
function sayFigures(
  chart: DrawnChart,
  reading: Reading,
  pointed: number | null,
  highlight: string | null,
): string {
  const unit = suffixWords[reading.format.suffix];
  const ruled = linesOf(reading).filter(({ met }) => met.size > 0);
  const asked = ruled.find(({ id }) => id === highlight) ?? ruled[0];
  if (pointed !== null && asked) return sayWhy(chart, reading, asked, pointed);
  const rules = reading.rules.map(({ name }, place) => `${place + 1} ${name}`).join(', ');
  return [unit, rules && `rules: ${rules}`].filter(Boolean).join('; ');
}
