import { memo, type ReactNode, useEffect, useRef, useState } from 'react';
import type { PlacedChart as ChartOnBoard, Note } from '../../contract';
import type { Day } from '../../core/calendar';
import type { BoardStyle } from '../../core/chart';
import { linesOf, type Reading } from '../../core/reading';
import { sayProblem } from '../api';
import { SidePanel } from '../look';
import {
  Chart,
  type FigureAsked,
  FiguresTable,
  type NoteSpot,
  PeriodChoiceField,
  RowsBehindPanel,
  sayLeftOut,
  type TurnedDials,
  useChartReading,
  useDrawing,
} from '../plot';

interface ChartSheetProps {
  chart: ChartOnBoard;
  link: string | null;
  style: BoardStyle;
  dials: TurnedDials;
  /** the first day of the period that the reader has chosen */
  period?: Day;
  onPeriod: (chartId: number, start: Day) => void;
  notes: readonly Note[];
  onReading: (chartId: number, reading: Reading) => void;
  onWriteNote?: (chartId: number, spot: NoteSpot) => void;
  onOpenNote?: (note: Note) => void;
  /** what else can be done with the chart; the same function for all charts */
  acts?: (chart: ChartOnBoard) => ReactNode;
}

/** One chart on its white sheet; it is drawn anew only when something of its own has changed. */
export const ChartSheet = memo(function ChartSheet({
  chart,
  link,
  style,
  dials,
  period,
  onPeriod,
  notes,
  onReading,
  onWriteNote,
  onOpenNote,
  acts,
}: ChartSheetProps) {
  const { reading, problems, error } = useChartReading(chart, link, style, dials, period);
  // Until the reader chooses, the author's emphasis stands.
  const [chosen, setHighlight] = useState<string | null | undefined>(undefined);
  const highlight = chosen === undefined ? (reading?.emphasis ?? null) : chosen;
  const [figures, setFigures] = useState(false);
  const [asked, setAsked] = useState<FigureAsked | null>(null);
  const room = useRef<HTMLDivElement>(null);
  const drawing = useDrawing(room, reading, { highlight, notes });
  useEffect(() => {
    if (reading) onReading(chart.id, reading);
  }, [chart.id, reading, onReading]);
  const lit = reading && linesOf(reading).find(({ id }) => id === highlight);
  return (
    <article
      className="sheet chart-sheet"
      aria-label={chart.definition.title}
      onKeyDown={(event) => {
        if (event.key === 'f' && !(event.target as HTMLElement).closest('input, textarea'))
          setFigures(true);
      }}
    >
      <header>
        <div className="chart-title">
          <h2>{reading?.title ?? chart.definition.title}</h2>
          <p className="quiet small">
            {lit && <strong>{lit.name} highlighted, </strong>}
            {reading?.described}
            {drawing && sayLeftOut(drawing)}
          </p>
          {reading?.choice && (
            <PeriodChoiceField
              choice={reading.choice}
              onChoose={(start) => onPeriod(chart.id, start)}
            />
          )}
        </div>
        <div className="chart-acts">
          <button
            type="button"
            className="act"
            onClick={() => setFigures(true)}
            disabled={!reading}
          >
            Figures
          </button>
          {acts?.(chart)}
        </div>
      </header>
      {error && <p className="problem">{sayProblem(error)}</p>}
      {problems.map(({ sentence }) => (
        <p key={sentence} className="problem">
          {sentence}
        </p>
      ))}
      <div ref={room} className="chart-room">
        {reading && reading.positions.length === 0 && (
          <p className="quiet nothing">No figures yet.</p>
        )}
        {reading && (
          <Chart
            reading={reading}
            drawing={drawing}
            highlight={highlight}
            onHighlight={setHighlight}
            onWriteNote={onWriteNote && ((spot) => onWriteNote(chart.id, spot))}
            onOpenNote={onOpenNote}
          />
        )}
      </div>
      {reading && figures && (
        <SidePanel title={`Figures of ${reading.title}`} onClose={() => setFigures(false)}>
          <p className="quiet">{reading.standing}</p>
          {reading.outlook.map((sentence) => (
            <p key={sentence} className="quiet small">
              {sentence}
            </p>
          ))}
          {reading.remarks.map((remark) => (
            <p key={remark} className="quiet small">
              {remark}
            </p>
          ))}
          <FiguresTable reading={reading} highlight={highlight} onAsk={acts && setAsked} />
        </SidePanel>
      )}
      {reading && asked && (
        <RowsBehindPanel
          {...{ chartId: chart.id, reading, asked }}
          onClose={() => setAsked(null)}
        />
      )}
    </article>
  );
});
