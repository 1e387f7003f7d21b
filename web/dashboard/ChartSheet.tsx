import { type KeyboardEvent, memo, useEffect, useRef, useState } from 'react';
import type { PlacedChart as ChartOnBoard, Note } from '../../contract';
import type { Grain } from '../../core/calendar';
import { type BoardStyle, type DrawnChart } from '../../core/chart';
import { tintOf } from '../look';
import { type Narrowing, sayNarrowed } from '../../core/narrowing';
import type { Reading } from '../../core/reading';
import { withoutSlots } from '../../core/labels';
import type { Problem } from '../../core/values';
import { sayProblem } from '../api';
import type { ChartChanges } from './useChartChanges';
import { Chart, OverviewStrip, useDrawing } from '../plot';
import { latestLit, sayLeftOut } from '../picture';
import { type NoteSpot, PointedHere, type Pointing, ReadOutStrip, useLetGo } from '../pointing';
import { type FigureAsked, figureAsked } from '../figures';
import { useChartReading } from '../reading';
import type { ReaderView } from './readerView';
import { ReplayStrip, sayReplayed } from './ReplayStrip';
import { SheetActs, sheetActs } from './SheetActs';
import { SheetFigures } from './SheetFigures';
import { SheetChoices } from './SheetChoices';
import { SheetTitle } from './SheetTitle';
import { SheetWords } from './SheetWords';
import { useSheetReplay } from './useSheetReplay';
import type { ReaderHands } from './useReaderHands';
import { useSheetNarrowings, useSheetTies } from './useSheetTies';
import { useFiguresRoom } from './useFiguresRoom';
import { useZoom } from './useZoom';

interface ChartSheetProps {
  chart: ChartOnBoard;
  link: string | null;
  style: BoardStyle;
  view: ReaderView;
  hands: ReaderHands;
  pointing: Pointing;
  notes: readonly Note[];
  /** what its figures are shown in; null while they are not */
  figuresRoom: HTMLElement | null;
  /** shows the figures of a chart; null: of none */
  onFigures: (chartId: number | null) => void;
  onReading: (chartId: number, reading: Reading) => void;
  onWriteNote?: (chartId: number, spot: NoteSpot) => void;
  onOpenNote?: (note: Note) => void;
  /** what its authors can do with the chart; the same function for all charts */
  changes?: (chart: ChartOnBoard) => ChartChanges;
}

/** One chart on its white sheet; it is drawn anew only when something of its own has changed. */
export const ChartSheet = memo(function ChartSheet({
  chart,
  link,
  style,
  view,
  hands,
  pointing,
  notes,
  figuresRoom,
  onFigures,
  onReading,
  onWriteNote,
  onOpenNote,
  changes: changesOf,
}: ChartSheetProps) {
  const { own: picked, others } = useSheetNarrowings(chart, view);
  const grain = view.grains[chart.id] as Grain | undefined;
  const { reading, problems, error, follows } = useChartReading(chart, link, style, {
    dials: view.dials,
    grain,
    narrowings: others,
    chosen: view.periods[chart.id],
  });
  const ties = useSheetTies({ chart, reading, view, hands, pointing, picked });
  const { highlight, onHighlight, litAt, linked } = ties;
  const [pointer] = useState(() => new PointedHere());
  const letGo = useLetGo(pointer);
  const [asked, setAsked] = useState<FigureAsked | null>(null);
  const { shownIn, under } = useFiguresRoom(figuresRoom);
  const zoom = useZoom(reading, view.near[chart.id] ?? null, (span) =>
    hands.lookAt(chart.id, span),
  );
  const { near } = zoom;
  const replay = useSheetReplay(near, chart.definition);
  const title = reading?.title ?? withoutSlots(chart.definition.title);
  const room = useRef<HTMLDivElement>(null);
  const flown = chart.definition.notesHidden ? noNotes : notes;
  const drawing = useDrawing(room, near, { highlight, litAt, notes: flown });
  const toggleFigures = () => onFigures(figuresRoom ? null : chart.id);
  const noteAt = onWriteNote && ((spot: NoteSpot) => onWriteNote(chart.id, spot));
  const mayAsk = !!changesOf && isAuthors(chart, view, others);
  const askAt = (line: string, place: number) => near && setAsked(figureAsked(near, line, place));
  const pointed = {
    highlight,
    linked,
    onHighlight,
    onWriteNote: noteAt,
    onAsk: mayAsk ? askAt : undefined,
  };
  const changes = changesOf?.(chart);
  const { doable, more, all } = sheetActs({
    figures: reading && { isOn: !!figuresRoom, toggle: toggleFigures },
    zoom,
    replay,
    noteOnAll: noteAt && (() => noteAt({ day: null, series: null })),
    changes,
  });
  const readOut = { pointer, ...pointed, more: all, onMore: changes?.onOpen };
  useEffect(() => void (reading && onReading(chart.id, reading)), [chart.id, reading, onReading]);
  return (
    <>
      <article
        className="sheet chart-sheet"
        aria-label={title}
        style={groundOf(chart.definition)}
        {...letGo}
        onKeyDown={(event) =>
          onSheetKey(event, { f: () => onFigures(chart.id), 0: () => zoom.set(null) })
        }
      >
        <header>
          <div className="chart-title">
            <SheetTitle {...{ title, notes: flown, onOpenNote }} />
            <SheetWords
              {...{ reading, highlight, litAt }}
              narrowed={sayNarrowed(others, follows)}
              leftOut={drawing ? sayLeftOut(drawing) : ''}
              said={
                replay.running ? '' : sayReplayed(reading, latestLit(highlight), chart.definition)
              }
            />
            <SheetChoices {...{ chart, reading, hands, grain, highlight, onHighlight }} />
          </div>
          <SheetActs {...{ title, acts: doable, more }} onOpen={changes?.onOpen} />
        </header>
        <SheetProblems {...{ error, problems }} />
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
          {reading?.positions.length === 0 && <NothingDrawn narrowed={others.length > 0} />}
          {near && (
            <Chart
              reading={near}
              {...{ drawing, pointer, ...pointed, onOpenNote }}
              replayedTo={replay.running?.at ?? null}
            />
          )}
        </div>
        {reading && zoom.isOpen && (
          <OverviewStrip {...{ reading }} zoom={zoom.zoom} onZoom={zoom.set} />
        )}
        <ReadOutStrip reading={near} {...readOut} />
        {reading && (
          <SheetFigures
            chartId={chart.id}
            {...{ reading, highlight, onHighlight, litAt, onLight: ties.onLight }}
            {...{ asked, room: shownIn, onAsk: mayAsk ? setAsked : undefined }}
            onClose={() => onFigures(null)}
            onAsked={setAsked}
          />
        )}
      </article>
      {under}
    </>
  );
});

/** Does what a key means on a sheet; panels and menus that it opened stand elsewhere on the page. */
function onSheetKey(event: KeyboardEvent, acts: Readonly<Record<string, () => void>>) {
  const pressed = event.target as HTMLElement;
  if (!event.currentTarget.contains(pressed) || pressed.closest('input, textarea')) return;
  acts[event.key]?.();
}

interface SheetProblemsProps {
  error: unknown;
  problems: readonly Problem[];
}

/** Why something of a chart cannot be drawn. */
const SheetProblems = ({ error, problems }: SheetProblemsProps) => (
  <>
    {!!error && <p className="problem">{sayProblem(error)}</p>}
    {problems.map(({ sentence }) => (
      <p key={sentence} className="problem">
        {sentence}
      </p>
    ))}
  </>
);

const NothingDrawn = ({ narrowed }: { narrowed: boolean }) => (
  <p className="quiet nothing">{narrowed ? 'No figures in what was picked.' : 'No figures yet.'}</p>
);

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
