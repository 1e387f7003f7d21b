import { type ReactNode, useCallback, useState } from 'react';
import type { Dashboard, GridPlace, Note, PlacedChart } from '../../contract';
import type { Reading } from '../../core/reading';
import { Empty } from '../look';
import { newNote, type NoteDraft, NoteEditor, NotesList } from '../notes';
import { Board } from './Board';
import { ChartSheet } from './ChartSheet';

interface BoardViewProps {
  dashboard: Dashboard;
  link: string | null;
  /** may write notes and arrange */
  editable: boolean;
  arranging: boolean;
  onArrange: (places: { chartId: number; place: GridPlace }[]) => void;
  title?: ReactNode;
  acts?: (chart: PlacedChart) => ReactNode;
  whenEmpty: ReactNode;
}

/** A dashboard as everybody sees it: where things stand in a line, the charts, the notes beside. */
export function BoardView(props: BoardViewProps) {
  const { dashboard, link, editable, arranging, onArrange, title, acts, whenEmpty } = props;
  const [readings, setReadings] = useState<Record<number, Reading>>({});
  const [draft, setDraft] = useState<NoteDraft | null>(null);
  const [notesShown, setNotesShown] = useState(true);
  const [opened, setOpened] = useState<number | null>(null);
  const onReading = useCallback(
    (chartId: number, reading: Reading) =>
      setReadings((before) => ({ ...before, [chartId]: reading })),
    [],
  );
  const placed = dashboard.charts.filter(({ place }) => place !== null);
  const edit = (note: Note) =>
    setDraft({ chartId: note.chartId, day: note.day, series: note.series, note });
  const open = (note: Note) => (editable ? edit(note) : setOpened(note.id));
  const notes = dashboard.notes.filter(({ chartId }) => placed.some(({ id }) => id === chartId));
  return (
    <>
      <div className="page-head">
        <div>
          {title ?? <h1>{dashboard.title}</h1>}
          <p className="standing">{sayStandings(placed, readings)}</p>
        </div>
      </div>
      {placed.length === 0 ? (
        <div className="sheet">{whenEmpty}</div>
      ) : (
        <div className={notesShown ? 'with-notes' : ''}>
          <Board charts={placed} arranging={arranging} onArrange={onArrange}>
            {(chart) => (
              <ChartSheet
                chart={chart}
                link={link}
                notes={notesShown ? notes.filter(({ chartId }) => chartId === chart.id) : []}
                onReading={onReading}
                onWriteNote={
                  editable ? (chartId, spot) => setDraft(newNote(chartId, spot)) : undefined
                }
                onOpenNote={open}
                acts={acts?.(chart)}
              />
            )}
          </Board>
          <aside className="notes-column" aria-label="Notes">
            <header className="row">
              <h3>Notes</h3>
              <button type="button" className="act" onClick={() => setNotesShown(!notesShown)}>
                {notesShown ? 'Hide' : `Show ${notes.length}`}
              </button>
            </header>
            {notesShown && (
              <>
                <NotesList
                  notes={
                    opened
                      ? [...notes].sort((a, b) => Number(b.id === opened) - Number(a.id === opened))
                      : notes
                  }
                  readings={readings}
                  onEdit={editable ? edit : undefined}
                />
                {notes.length === 0 && (
                  <p className="quiet small">
                    No notes yet.
                    {editable && ' Click a point or a date on a chart to write the first.'}
                  </p>
                )}
              </>
            )}
          </aside>
        </div>
      )}
      {draft && (
        <NoteEditor
          draft={draft}
          reading={readings[draft.chartId]}
          onClose={() => setDraft(null)}
        />
      )}
    </>
  );
}

/** What the first compared charts say, in the order in which they are read. */
function sayStandings(
  charts: readonly PlacedChart[],
  readings: Readonly<Record<number, Reading>>,
): string {
  return [...charts]
    .sort((a, b) => (a.place?.y ?? 0) - (b.place?.y ?? 0) || (a.place?.x ?? 0) - (b.place?.x ?? 0))
    .map(({ id }) => readings[id]?.standing)
    .filter(Boolean)
    .slice(0, 2)
    .join(' ');
}

/** An empty board, for those who may only read it. */
export function EmptyForReaders() {
  return (
    <Empty title="Nothing is laid on this dashboard yet">
      <p>Its authors are still at work. Come back later.</p>
    </Empty>
  );
}
