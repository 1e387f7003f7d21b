import { memo, type ReactNode, useEffect, useRef, useState } from 'react';
import type { PlacedChart as ChartOnBoard, Note } from '../../contract';
import type { Grain } from '../../core/calendar';
import { type BoardStyle, type DrawnChart } from '../../core/chart';
import { tintOf } from '../look';
import { type Narrowing, sayNarrowed } from '../../core/narrowing';
import type { Reading, Span } from '../../core/reading';
import { withoutSlots } from '../../core/labels';
import { sayProblem } from '../api';
import { Chart, OverviewStrip, useDrawing } from '../plot';
import { latestLit, sayLeftOut } from '../picture';
import { type NoteSpot, type Pointing } from '../pointing';
import { useChartReading } from '../reading';
import type { ReaderView } from './readerView';
import { ReplayStrip, sayReplayed } from './ReplayStrip';
import { SheetActs } from './SheetActs';
import { SheetFigures } from './SheetFigures';
import { SheetChoices } from './SheetChoices';
import { SheetTitle } from './SheetTitle';
import { SheetWords } from './SheetWords';
import { useSheetReplay } from './useSheetReplay';
import type { Lit, ReaderHands } from './useReaderHands';
import { useSheetNarrowings, useSheetTies } from './useSheetTies';
import { useZoom } from './useZoom';

interface ChartSheetProps {
  chart: ChartOnBoard;
  link: string | null;
  style: BoardStyle;
  view: ReaderView;
  hands: ReaderHands;
  pointing: Pointing;
  /** what the reader has highlighted */
  lit: Lit;
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
  view,
  hands,
  pointing,
  lit,
  notes,
  onReading,
  onWriteNote,
  onOpenNote,
  acts,
}: ChartSheetProps) {
  const { own: picked, others } = useSheetNarrowings(chart, view);
  const grain = view.grains[chart.id] as Grain | undefined;
  const { reading, problems, error, follows } = useChartReading(chart, link, style, {
    dials: view.dials,
    grain,
    narrowings: others,
    chosen: view.periods[chart.id],
  });
  const ties = useSheetTies({ chart, reading, view, hands, pointing, lit, picked });
  const { highlight, litDay, held, linked } = ties;
  const [figures, setFigures] = useState(false);
  const lookAt = (span: Span | null) => hands.lookAt(chart.id, span);
  const zoom = useZoom(reading, view.near[chart.id] ?? null, lookAt);
  const { near } = zoom;
  const replay = useSheetReplay(near, chart.definition);
  const title = reading?.title ?? withoutSlots(chart.definition.title);
  const room = useRef<HTMLDivElement>(null);
  const flown = chart.definition.notesHidden ? noNotes : notes;
  const drawing = useDrawing(room, near, { highlight, litDay, notes: flown });
  useEffect(() => {
    if (reading) onReading(chart.id, reading);
  }, [chart.id, reading, onReading]);
  return (
    <article
      className="sheet chart-sheet"
      aria-label={title}
      style={groundOf(chart.definition)}
      onKeyDown={(event) => {
        const pressed = event.target as HTMLElement;
        // Panels and menus that it opened stand elsewhere on the page.
        if (!event.currentTarget.contains(pressed) || pressed.closest('input, textarea')) return;
        if (event.key === 'f') setFigures(true);
        else if (event.key === '0') zoom.set(null);
      }}
    >
      <header>
        <div className="chart-title">
          <SheetTitle {...{ title, notes: flown, onOpenNote }} />
          <SheetWords
            {...{ reading, highlight, litDay, held }}
            narrowed={sayNarrowed(others, follows)}
            leftOut={drawing ? sayLeftOut(drawing) : ''}
            said={sayReplayed(reading, latestLit(highlight), chart.definition)}
          />
          <SheetChoices
            {...{ chart, reading, hands, grain, highlight }}
            onHighlight={ties.onHighlight}
          />
        </div>
        <SheetActs
          onFigures={reading && (() => setFigures(true))}
          onNote={onWriteNote && (() => onWriteNote(chart.id, { day: null, series: null }))}
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
          highlight={latestLit(highlight)}
          reading={near}
          replay={replay.running}
          definition={chart.definition.replay}
          onClose={replay.end}
        />
      )}
      <div ref={room} className="chart-room">
        {reading && reading.positions.length === 0 && (
          <p className="quiet nothing">
            {others.length > 0 ? 'No figures in what was picked.' : 'No figures yet.'}
          </p>
        )}
        {near && (
          <Chart
            reading={near}
            drawing={drawing}
            {...{ highlight, linked }}
            replayedTo={replay.running?.at ?? null}
            onHighlight={ties.onHighlight}
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
          {...{ reading, highlight, litDay }}
          {...{ onHighlight: ties.onHighlight, onLightDay: ties.onLightDay }}
          chartId={chart.id}
          mayAsk={!!acts && isAuthors(chart, view, others)}
          onClose={() => setFigures(false)}
        />
      )}
    </article>
  );
});

/** What lies behind a chart, where its author has a tint there. */
const groundOf = ({ sheet }: DrawnChart) =>
  sheet?.ground ? { background: tintOf(sheet.ground) } : undefined;

const noNotes: readonly Note[] = [];

/**
 * Whether a chart shows the figures that its author sees: the rows behind a figure are listed by the
 * author's own periods, filters and dials.
 */
const isAuthors = (
  { id, definition: { grain, dialsAsked = [] } }: ChartOnBoard,
  { grains, dials }: ReaderView,
  narrowings: readonly Narrowing[],
): boolean =>
  (grains[id] ?? grain) === grain &&
  narrowings.length === 0 &&
  !dialsAsked.some((name) => name in dials);
