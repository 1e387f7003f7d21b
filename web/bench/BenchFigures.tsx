import { memo, useMemo, useState } from 'react';
import { suffixWords } from '../../core/labels';
import type { DrawnChart } from '../../core/chart';
import { linesOf, type Reading, sayWhy } from '../../core/reading';
import { type Drawing, type Highlight, isLit, sayLeftOut, toX } from '../picture';
import { type FigureAsked, FiguresStrip, FiguresTable, stretchFor } from '../figures';
import { Act } from '../controls';

interface BenchFiguresProps {
  chart: DrawnChart;
  reading: Reading;
  drawing: Drawing;
  highlight: Highlight;
  pointed: number | null;
  /** the picture is as wide as they are: each figure can stand under its period */
  mayStandBeneath: boolean;
  onPoint: (place: number | null) => void;
  onHighlight: (highlight: Highlight) => void;
  onAsk: (asked: FigureAsked) => void;
}

/** The figures of the chart: under its dates, period by period, or as a table when they are many. */
export const BenchFigures = memo(function BenchFigures(props: BenchFiguresProps) {
  const { chart, reading, drawing, highlight, pointed, mayStandBeneath } = props;
  const { onPoint, onHighlight, onAsk } = props;
  const [asTable, setAsTable] = useState(false);
  const beneath = useMemo(() => roomBeneath(reading, drawing), [reading, drawing]);
  if (drawing.panels.length === 0) return null;
  const fits = mayStandBeneath && beneath !== null;
  return (
    <div className="bench-figures">
      <header className="row">
        <h2>Figures</h2>
        <p className="quiet grow">{sayFigures(chart, reading, pointed, highlight)}</p>
        {fits && (
          <Act onClick={() => setAsTable(!asTable)}>
            {asTable ? 'Under the dates' : 'As a table'}
          </Act>
        )}
      </header>
      {fits && !asTable ? (
        <FiguresStrip {...{ reading, pointed }} {...beneath} />
      ) : (
        <FiguresTable
          {...{ reading, highlight, pointed, onPoint, onHighlight }}
          height={220}
          onAsk={onAsk}
        />
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
  );
});

/** Where figures stand when each does under its period; null where they find no room there. */
function roomBeneath(reading: Reading, drawing: Drawing) {
  const geometry = drawing.panels[0]?.geometry;
  const isAlone = reading.panels.length === 1 && reading.axis !== 'ends';
  if (!geometry || !isAlone || linesOf(reading).length > 4) return null;
  const { positions } = reading;
  const left = toX(geometry, positions[0]?.start ?? 0);
  const right = geometry.width - toX(geometry, positions.at(-1)?.next ?? 1);
  const stretch = stretchFor(reading, (geometry.width - left - right) / positions.length);
  return stretch === null ? null : { left, right, stretch };
}

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
