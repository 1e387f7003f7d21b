import { memo, type ReactNode, useEffect, useMemo, useRef, useState } from 'react';
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
  InWords,
  type NoteSpot,
  type Pointing,
  RowsBehindPanel,
  sayLeftOut,
  type TurnedDials,
  useChartReading,
  useDrawing,
} from '../plot';
import { SheetTitle } from './SheetTitle';

interface ChartSheetProps {
  chart: ChartOnBoard;
  link: string | null;
  style: BoardStyle;
  dials: TurnedDials;
  /** the first day of the period that the reader has chosen */
  period?: Day;
  onPeriod: (chartId: number, start: Day) => void;
  pointing: Pointing;
  held: readonly Day[];
  onHold: (day: Day) => void;
  onRelease: () => void;
  /** the name of the line that is highlighted; undefined: as the author has it */
  lit: string | null | undefined;
  onLight: (name: string | null) => void;
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
  pointing,
  held,
  onHold,
  onRelease,
  lit,
  onLight,
  notes,
  onReading,
  onWriteNote,
  onOpenNote,
  acts,
}: ChartSheetProps) {
  const { reading, problems, error } = useChartReading(chart, link, style, dials, period);
  const lines = reading ? linesOf(reading) : [];
  // Until the reader chooses one of its lines, the author's emphasis stands.
  const chosen = lines.find(({ name }) => name === lit)?.id ?? null;
  const highlight = chosen ?? (lit === null ? null : (reading?.emphasis ?? null));
  const setHighlight = (id: string | null) =>
    onLight(lines.find((line) => line.id === id)?.name ?? null);
  const linked = useMemo(
    () => ({ pointing, chart: chart.id, held, onHold, onRelease }),
    [pointing, chart.id, held, onHold, onRelease],
  );
  const [figures, setFigures] = useState(false);
  const [asked, setAsked] = useState<FigureAsked | null>(null);
  const room = useRef<HTMLDivElement>(null);
  const drawing = useDrawing(room, reading, { highlight, notes });
  useEffect(() => {
    if (reading) onReading(chart.id, reading);
  }, [chart.id, reading, onReading]);
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
        <SheetTitle
          title={chart.definition.title}
          {...{ reading, held }}
          lit={lines.find(({ id }) => id === highlight)?.name}
          leftOut={drawing ? sayLeftOut(drawing) : ''}
          onPeriod={(start) => onPeriod(chart.id, start)}
        />
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
            {...{ highlight, linked }}
            onHighlight={setHighlight}
            onWriteNote={onWriteNote && ((spot) => onWriteNote(chart.id, spot))}
            onOpenNote={onOpenNote}
          />
        )}
      </div>
      {reading && figures && (
        <SidePanel title={`Figures of ${reading.title}`} onClose={() => setFigures(false)}>
          <InWords reading={reading} />
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
