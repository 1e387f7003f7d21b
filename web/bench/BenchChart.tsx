import { useRef, useState } from 'react';
import type { Note } from '../../contract';
import { suffixWords } from '../../core/labels';
import { linesOf, type Reading } from '../../core/reading';
import { Empty } from '../look';
import {
  Chart,
  FiguresStrip,
  FiguresTable,
  narrowestColumn,
  type NoteSpot,
  useDrawing,
} from '../plot';

/** The names of the figures' rows need this much beside the plot, in pixels. */
const roomAtLeft = 76;

interface BenchChartProps {
  reading: Reading | null;
  notes: readonly Note[];
  highlight: string | null;
  onHighlight: (series: string | null) => void;
  onWriteNote: (spot: NoteSpot) => void;
  onOpenNote: (note: Note) => void;
}

/** The chart on the bench, and right under its tape the figures. */
export function BenchChart({
  reading,
  notes,
  highlight,
  onHighlight,
  onWriteNote,
  onOpenNote,
}: BenchChartProps) {
  const room = useRef<HTMLDivElement>(null);
  const drawing = useDrawing(room, reading, { highlight, notes, roomAtLeft });
  const geometry = drawing?.panels[0]?.geometry;
  const [pointed, setPointed] = useState<number | null>(null);
  const [asTable, setAsTable] = useState<boolean | null>(null);
  const columnWidth =
    geometry && reading
      ? (geometry.width - geometry.left - geometry.right) / reading.positions.length
      : 0;
  const alone = reading?.panels.length === 1 && reading.axis !== 'ends';
  const fits = alone && columnWidth >= narrowestColumn && linesOf(reading).length <= 4;
  const table = asTable ?? !fits;
  return (
    <section className="bench-chart" aria-label="Chart and figures">
      <div ref={room} className="bench-plot">
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
          />
        )}
      </div>
      {reading && geometry && (
        <div className="bench-figures">
          <header className="row">
            <h2>Figures</h2>
            <p className="quiet grow">{sayFigures(reading, pointed)}</p>
            {fits && (
              <button type="button" className="act" onClick={() => setAsTable(!table)}>
                {table ? 'Under the tape' : 'As a table'}
              </button>
            )}
          </header>
          {table ? (
            <FiguresTable reading={reading} height={220} />
          ) : (
            <FiguresStrip
              reading={reading}
              left={geometry.left}
              right={geometry.right}
              columnWidth={columnWidth}
              pointed={pointed}
            />
          )}
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
function sayFigures(reading: Reading, pointed: number | null): string {
  const unit = suffixWords[reading.format.suffix];
  const compared = linesOf(reading).find(({ comparison }) => comparison);
  const period = pointed === null ? undefined : reading.positions[pointed];
  const caught = pointed === null ? null : compared?.comparison?.caughtBy[pointed];
  const rule = reading.rules.find(({ id }) => id === caught);
  if (period && compared) {
    if (rule) return `${period.label} is caught by the rule “${rule.name}”.`;
    return period.open
      ? `${period.label} is not complete: no rule judges it.`
      : `${period.label}: no rule judges it.`;
  }
  const rules = reading.rules.map(({ name }, place) => `${place + 1} ${name}`).join(', ');
  return [unit, rules && `rules: ${rules}`].filter(Boolean).join('; ');
}
