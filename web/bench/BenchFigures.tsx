import { memo, Suspense, useState } from 'react';
import { suffixWords } from '../../core/labels';
import type { DrawnChart } from '../../core/chart';
import { linesOf, type Reading, sayWhy } from '../../core/reading';
import { type Drawing, type Highlight, isLit, sayLeftOut, toX } from '../picture';
import {
  type FigureAsked,
  FiguresStrip,
  FiguresTable,
  narrowestColumn,
  RowsBehindPanel,
} from '../figures';
import { Act } from '../controls';

interface BenchFiguresProps {
  chartId: number;
  chart: DrawnChart;
  reading: Reading;
  drawing: Drawing;
  highlight: Highlight;
  pointed: number | null;
  /** the picture is as wide as they are: each figure can stand under its period */
  mayStandBeneath: boolean;
  onPoint: (place: number | null) => void;
  onHighlight: (highlight: Highlight) => void;
}

/** The figures of the chart: under its tape, period by period, or as a table when they are many. */
export const BenchFigures = memo(function BenchFigures(props: BenchFiguresProps) {
  const { chartId, chart, reading, drawing, highlight, pointed, mayStandBeneath } = props;
  const { onPoint, onHighlight } = props;
  const [asked, setAsked] = useState<FigureAsked | null>(null);
  const [asTable, setAsTable] = useState<boolean | null>(null);
  const geometry = drawing.panels[0]?.geometry;
  if (!geometry) return null;
  const [first, last] = [reading.positions[0], reading.positions.at(-1)];
  const left = toX(geometry, first?.start ?? 0);
  const right = geometry.width - toX(geometry, last?.next ?? 1);
  const columnWidth = (geometry.width - left - right) / reading.positions.length;
  const alone = mayStandBeneath && reading.panels.length === 1 && reading.axis !== 'ends';
  const fits = alone && columnWidth >= narrowestColumn && linesOf(reading).length <= 4;
  const table = asTable ?? !fits;
  return (
    <>
      <Suspense fallback={null}>
        {asked && (
          <RowsBehindPanel {...{ chartId, reading, asked }} onClose={() => setAsked(null)} />
        )}
      </Suspense>
      <div className="bench-figures">
        <header className="row">
          <h2>Figures</h2>
          <p className="quiet grow">{sayFigures(chart, reading, pointed, highlight)}</p>
          {fits && (
            <Act onClick={() => setAsTable(!table)}>{table ? 'Under the tape' : 'As a table'}</Act>
          )}
        </header>
        {table ? (
          <FiguresTable
            {...{ reading, highlight, pointed, onPoint, onHighlight }}
            height={220}
            onAsk={setAsked}
          />
        ) : (
          <FiguresStrip {...{ reading, columnWidth, pointed, left, right }} />
        )}
        {sayLeftOut(drawing) !== '' && (
          <p className="quiet small figures-remark">{sayLeftOut(drawing).slice(2)}.</p>
        )}
        {[...reading.outlook, ...reading.remarks, ...reading.unmet].map((sentence) => (
          <p key={sentence} className="quiet small figures-remark">
            {sentence}
          </p>
        ))}
      </div>
    </>
  );
});

/** What the figures at the pointer say, or how all of them are written. */
function sayFigures(
  chart: DrawnChart,
  reading: Reading,
  pointed: number | null,
  highlight: Highlight,
): string {
  const unit = suffixWords[reading.format.suffix];
  const ruled = linesOf(reading).filter(({ met }) => met.size > 0);
  const asked = ruled.find(({ id }) => isLit(highlight, id)) ?? ruled[0];
  if (pointed !== null && asked) return sayWhy(chart, reading, asked, pointed);
  const rules = reading.rules.map(({ name }, place) => `${place + 1} ${name}`).join(', ');
  return [unit, rules && `rules: ${rules}`].filter(Boolean).join('; ');
}
