import { memo, type ReactNode, useEffect, useMemo, useRef, useState } from 'react';
import type { PlacedChart as ChartOnBoard, Note } from '../../contract';
import type { Day, Grain } from '../../core/calendar';
import { atGrain, type BoardStyle, grainsOffered } from '../../core/chart';
import { linesOf, type Reading } from '../../core/reading';
import { sayProblem } from '../api';
import {
  Chart,
  type NoteSpot,
  OverviewStrip,
  type Pointing,
  sayLeftOut,
  type TurnedDials,
  useChartReading,
  useDrawing,
} from '../plot';
import { ReplayStrip, sayReplayed } from './ReplayStrip';
import { SheetActs } from './SheetActs';
import { SheetFigures } from './SheetFigures';
import { SheetTitle } from './SheetTitle';
import { useSheetReplay } from './useSheetReplay';
import { useZoom } from './useZoom';

interface ChartSheetProps {
  chart: ChartOnBoard;
  link: string | null;
  style: BoardStyle;
  dials: TurnedDials;
  /** the first day of the period that the reader has chosen */
  period?: Day;
  onPeriod: (chartId: number, start: Day) => void;
  /** the grain that the reader has chosen */
  grain?: Grain;
  onGrain: (chartId: number, grain: Grain) => void;
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
  grain,
  onGrain,
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
  const { reading, problems, error } = useChartReading(chart, link, style, {
    ...{ dials, grain },
    chosen: period,
  });
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
  const zoom = useZoom(reading);
  const { near } = zoom;
  const replay = useSheetReplay(near, chart.definition);
  const room = useRef<HTMLDivElement>(null);
  const drawing = useDrawing(room, near, { highlight, notes });
  useEffect(() => {
    if (reading) onReading(chart.id, reading);
  }, [chart.id, reading, onReading]);
  return (
    <article
      className="sheet chart-sheet"
      aria-label={chart.definition.title}
      onKeyDown={(event) => {
        if ((event.target as HTMLElement).closest('input, textarea, select')) return;
        if (event.key === 'f') setFigures(true);
        else if (event.key === '0') zoom.set(null);
      }}
    >
      <header>
        <SheetTitle
          title={chart.definition.title}
          {...{ reading, held }}
          lit={lines.find(({ id }) => id === highlight)?.name}
          leftOut={drawing ? sayLeftOut(drawing) : ''}
          said={sayReplayed(reading, highlight, chart.definition)}
          grains={grainsOffered(chart.definition)}
          grain={atGrain(chart.definition, grain).grain}
          onGrain={(next) => onGrain(chart.id, next)}
          onPeriod={(start) => onPeriod(chart.id, start)}
        />
        <SheetActs
          onFigures={reading && (() => setFigures(true))}
          {...{ zoom, replay }}
          more={acts?.(chart)}
        />
      </header>
      {error && <p className="problem">{sayProblem(error)}</p>}
      {problems.map(({ sentence }) => (
        <p key={sentence} className="problem">
          {sentence}
        </p>
      ))}
      {near && replay.running && (
        <ReplayStrip
          {...{ highlight }}
          reading={near}
          replay={replay.running}
          definition={chart.definition.replay}
          onClose={replay.end}
        />
      )}
      <div ref={room} className="chart-room">
        {reading && reading.positions.length === 0 && (
          <p className="quiet nothing">No figures yet.</p>
        )}
        {near && (
          <Chart
            reading={near}
            drawing={drawing}
            {...{ highlight, linked }}
            replayedTo={replay.running?.at ?? null}
            onHighlight={setHighlight}
            onWriteNote={onWriteNote && ((spot) => onWriteNote(chart.id, spot))}
            onOpenNote={onOpenNote}
          />
        )}
      </div>
      {reading && zoom.isOpen && (
        <OverviewStrip {...{ reading }} zoom={zoom.zoom} onZoom={zoom.set} />
      )}
      {reading && figures && (
        <SheetFigures
          {...{ reading, highlight }}
          chartId={chart.id}
          // The rows behind a figure are those of the author's own periods.
          mayAsk={!!acts && reading.grain === chart.definition.grain}
          onClose={() => setFigures(false)}
        />
      )}
    </article>
  );
});
