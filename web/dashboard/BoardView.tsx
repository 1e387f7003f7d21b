import './dashboard.css';
import { type ReactNode, Suspense, useCallback, useEffect, useMemo, useState } from 'react';
import type { Dashboard, Note, PlacedChart } from '../../contract';
import type { Reading } from '../../core/reading';
import { api } from '../api';
import { Empty, sayPictured } from '../hands';
import type { ChartChanges } from './useChartChanges';
import { changedNote, newNote, type NoteDraft, NoteEditor } from '../notes';
import { type NoteSpot, Pointing } from '../pointing';
import { Peek } from '../peek';
import { Board } from './Board';
import type { BoardProps } from './boardProps';
import { DialStrip } from './DialStrip';
import { HeadWords } from './HeadWords';
import { HeldStrip } from './HeldStrip';
import { NarrowedStrip } from './NarrowedStrip';
import { useLive } from './useLive';
import { useReaderHands } from './useReaderHands';
import { useReaderView } from './useReaderView';
import { useRemembered } from './useRemembered';
import { useTextSize } from './useTextSize';
import { ChartSheet } from './ChartSheet';
import { NotesColumn } from './NotesColumn';
import { TextSizeChoice } from './TextSizeChoice';

interface BoardViewProps {
  dashboard: Dashboard;
  link: string | null;
  /** may arrange, and change every note */
  editable: boolean;
  arranging: boolean;
  onArrange: BoardProps['onArrange'];
  title?: ReactNode;
  /** what its authors can do with a chart; one function that stays the same */
  changes?: (chart: PlacedChart) => ChartChanges;
  whenEmpty: ReactNode;
}

const noNotes: readonly Note[] = [];

/** A dashboard as everybody sees it: where things stand in a line, the charts, the notes beside. */
export function BoardView(props: BoardViewProps) {
  const { dashboard, link, editable, arranging, onArrange, title, changes, whenEmpty } = props;
  const [readings, setReadings] = useState<Record<number, Reading>>({});
  const { view, change } = useReaderView();
  useLive(link === null ? `dashboards/${dashboard.id}` : `links/${link}`, dashboard.stamp);
  const [draft, setDraft] = useState<NoteDraft | null>(null);
  // The list of notes and their pennants are hidden and shown each for itself.
  const [listed, setListed] = useRemembered(`notes listed ${dashboard.id}`, true);
  const [flown, setFlown] = useRemembered(`pennants flown ${dashboard.id}`, true);
  const [opened, setOpened] = useState<number | null>(null);
  const onReading = useCallback(
    (chartId: number, reading: Reading) =>
      setReadings((before) => ({ ...before, [chartId]: reading })),
    [],
  );
  const write = useCallback(
    (chartId: number, spot: NoteSpot) => setDraft(newNote(chartId, spot)),
    [],
  );
  const [pointing] = useState(() => new Pointing());
  const [shownFigures, setShownFigures] = useState<number | null>(null);
  const [figuresRoom, setFiguresRoom] = useState<HTMLElement | null>(null);
  const hands = useReaderHands(change);
  const edit = useCallback((note: Note) => setDraft(changedNote(note)), []);
  const { data: session } = api.useSessionQuery(undefined, { skip: link !== null });
  const own = session?.person?.id;
  const mayEdit = useCallback(
    (note: Note) => editable || (dashboard.mayNote && note.authorId === own),
    [editable, dashboard.mayNote, own],
  );
  const open = useCallback(
    (note: Note) => (mayEdit(note) ? edit(note) : setOpened(note.id)),
    [mayEdit, edit],
  );
  const placed = useMemo(
    () => dashboard.charts.filter(({ place }) => place !== null),
    [dashboard.charts],
  );
  useEffect(() => {
    if (placed.length === 0) sayPictured();
  }, [placed]);
  const notesOf = useMemo(() => byChart(dashboard.notes), [dashboard.notes]);
  const notes = dashboard.notes.filter(({ chartId }) => placed.some(({ id }) => id === chartId));
  const { style, page } = useTextSize(dashboard.style, view.text);
  return (
    <div className="sized" style={page}>
      <div className="page-head">
        <div className="grow">
          {title ?? <h1>{dashboard.title}</h1>}
          <HeadWords charts={placed} readings={readings} />
        </div>
        {placed.length > 0 && (
          <TextSizeChoice
            usual={dashboard.style.textSize}
            own={view.text}
            onChange={(size) => change(() => ({ text: size }))}
          />
        )}
      </div>
      <DialStrip
        charts={placed}
        turned={view.dials}
        {...{ readings, style }}
        onTurn={(name, value) => change(({ dials }) => ({ dials: { ...dials, [name]: value } }))}
        onReset={() => change(() => ({ dials: {} }))}
      />
      <HeldStrip held={view.held} onRelease={hands.hold} />
      <NarrowedStrip
        narrowings={view.narrowings}
        titleOf={(id) => readings[id]?.title ?? ''}
        onLetGo={hands.widen}
      />
      {placed.length === 0 ? (
        <div className="sheet">{whenEmpty}</div>
      ) : (
        <div className={besideOf(shownFigures !== null, listed && notes.length > 0)}>
          <Board charts={placed} arranging={arranging} onArrange={onArrange}>
            {(chart) => (
              <ChartSheet
                chart={chart}
                link={link}
                style={style}
                {...{ view, hands, pointing }}
                notes={flown ? (notesOf.get(chart.id) ?? noNotes) : noNotes}
                figuresRoom={chart.id === shownFigures ? figuresRoom : null}
                onFigures={setShownFigures}
                onReading={onReading}
                onWriteNote={dashboard.mayNote ? write : undefined}
                onOpenNote={open}
                changes={changes}
              />
            )}
          </Board>
          <div className="beside">
            <div ref={setFiguresRoom} className="figures-room" data-beside />
            {notes.length > 0 && (
              <NotesColumn
                notes={notes}
                readings={readings}
                {...{ listed, flown }}
                onList={setListed}
                onFly={setFlown}
                first={opened}
                onEdit={dashboard.mayNote ? edit : undefined}
                mayEdit={mayEdit}
              />
            )}
          </div>
        </div>
      )}
      <Peek charts={dashboard.charts} {...{ link, style, pointing, readings }} dials={view.dials} />
      <Suspense fallback={null}>
        {draft && (
          <NoteEditor
            key={`${draft.chartId} ${draft.day} ${draft.note?.id}`}
            draft={draft}
            reading={readings[draft.chartId]}
            onClose={() => setDraft(null)}
          />
        )}
      </Suspense>
    </div>
  );
}

function byChart(notes: readonly Note[]): Map<number, Note[]> {
  const found = new Map<number, Note[]>();
  for (const note of notes) found.set(note.chartId, [...(found.get(note.chartId) ?? []), note]);
  return found;
}

/** What takes room beside the charts. */
const besideOf = (figures: boolean, notes: boolean): string =>
  figures ? 'with-figures' : notes ? 'with-notes' : '';

/** An empty board, for those who may only read it. */
export function EmptyForReaders() {
  return (
    <Empty title="Nothing is laid on this dashboard yet">
      <p>Its authors are still at work. Come back later.</p>
    </Empty>
  );
}
