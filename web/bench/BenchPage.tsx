import { useAfterPaint } from './useAfterPaint';
import './bench.css';
import { Suspense, useCallback, useEffect, useMemo, useState } from 'react';
import { useDispatch } from 'react-redux';
import { Link, useNavigate, useParams } from 'react-router';
import { type Note, placeBelow, type PlacedChart } from '../../contract';
import { type ChartDefinition } from '../../core/chart';
import { drawnChart } from '../../core/figures';
import { withoutSlots } from '../../core/labels';
import { previewOf, type Typed } from '../../core/text';
import { api, sayProblem } from '../api';
import { Button, Controls, WrittenDates } from '../controls';
import { changedNote, newNote, type NoteDraft, NoteEditor } from '../notes';
import { TopBar } from '../people';
import { noHighlight, type Highlight, latestLit } from '../picture';
import { type NoteSpot, Pointing } from '../pointing';
import { Peek } from '../peek';
import { useLastReading, usePreparedReadings, useReadingOf } from '../reading';
import { benchActions } from './benchSlice';
import { useYardstickGrips } from './useYardstickGrips';
import { useYardsticksByHand } from './useYardsticksByHand';
import { BenchChart } from './BenchChart';
import { previewSizes } from './previewSizes';
import { SaveLine } from './SaveLine';
import { StepButtons } from './StepButtons';
import { AboutChart } from './AboutChart';
import { Sentence } from './Sentence';
import { StandList } from './StandList';
import { useNamesAround } from './typed/useNamesAround';
import { type BenchDispatch, leaveBench, openBench, useAutosave } from './saving';
import { useBenchState } from './useBench';

/** Building one chart. */
export function BenchPage() {
  return (
    <Controls>
      <OpenBench />
    </Controls>
  );
}

function OpenBench() {
  const { id, chartId } = useParams();
  const { chartId: onBench, left } = useBenchState();
  // What was left a moment ago is asked for once it is stored.
  const storing = ['unsaved', 'saving'].includes(left[Number(chartId)]?.save.kind ?? '');
  const { currentData: chart, error } = api.useChartQuery(Number(chartId), { skip: storing });
  const dispatch = useDispatch<BenchDispatch>();
  useEffect(() => {
    if (chart && chart.id !== onBench) dispatch(openBench(chart));
  }, [chart, onBench, dispatch]);
  useEffect(
    () => () => {
      dispatch(leaveBench());
    },
    [dispatch],
  );
  if (error)
    return (
      <>
        <TopBar />
        <main className="page slim">
          <p className="problem">{sayProblem(error)}</p>
          <Link to={`/dashboards/${id}`}>Back to the dashboard</Link>
        </main>
      </>
    );
  return chart && onBench === chart.id ? (
    <Bench dashboardId={Number(id)} chartId={chart.id} />
  ) : (
    <TopBar />
  );
}

const noNotes: readonly Note[] = [];
const noDials = {};

function Bench({ dashboardId, chartId }: { dashboardId: number; chartId: number }) {
  const bench = useBenchState();
  const definition = bench.definition as ChartDefinition;
  const { data: dashboard } = api.useDashboardQuery({ id: dashboardId });
  const { currentData: figures, error } = api.useBenchFramesQuery({ chartId, definition });
  const [preview, setPreview] = useState<Typed | null>(null);
  // Made of the chart as it stands, which may change while a line is written.
  const drawn = useMemo(
    () => drawnChart((preview && previewOf(definition, preview)) ?? definition),
    [preview, definition],
  );
  const reading = useLastReading(useReadingOf(drawn, figures, dashboard?.style));
  // The picture comes first; what the list and the sentence tell of it follows once it is seen.
  const told = useAfterPaint(reading);
  const unread = told === null && !error && (figures === undefined || reading !== null);
  const highlight = useOpening(bench.highlight, reading?.emphasis ?? noHighlight);
  const others = useMemo(
    () => otherCharts(dashboard?.charts ?? [], chartId),
    [dashboard?.charts, chartId],
  );
  const around = useNamesAround(others);
  const [draft, setDraft] = useState<NoteDraft | null>(null);
  const [pointing] = useState(() => new Pointing());
  const [notesShown, setNotesShown] = useState(true);
  const dispatch = useDispatch();
  // The same function throughout: the figures are laid out anew only when they change.
  const onHighlight = useCallback(
    (lit: Highlight) => dispatch(benchActions.highlighted(lit)),
    [dispatch],
  );
  const onScale = useYardsticksByHand();
  const grips = useYardstickGrips(definition);
  useAutosave();
  useUndoKeys();
  usePreparedReadings();
  const allNotes = dashboard?.notes;
  const notes = useMemo(
    () => (allNotes ?? []).filter((note) => note.chartId === chartId),
    [allNotes, chartId],
  );
  const write = (spot: NoteSpot) => setDraft(newNote(chartId, spot));
  const title = reading?.title ?? withoutSlots(definition.title);
  const trail = [
    { label: dashboard?.title ?? 'Dashboard', to: `/dashboards/${dashboardId}` },
    { label: title },
  ];
  return (
    <>
      <TopBar trail={trail}>
        <SaveLine chartId={chartId} save={bench.save} />
        <StepButtons around={around} />
        <PlaceButton dashboardId={dashboardId} chartId={chartId} />
      </TopBar>
      <main className="page bench">
        <h1 className="visually-hidden">{title}</h1>
        <WrittenDates value={told?.look.periods.dates ?? 'words'}>
          <AboutChart chart={definition} {...{ reading: told, around }}>
            <Sentence
              chart={definition}
              {...{ reading: told, unread, around }}
              onPreview={setPreview}
            />
            {(error || figures?.problems.length || bench.save.kind === 'failed') && (
              <div className="problem" role="alert">
                {error && sayProblem(error)}
                {bench.save.kind === 'failed' && bench.save.sentence}
                {figures?.problems.map(({ sentence }) => (
                  <p key={sentence}>{sentence}</p>
                ))}
              </div>
            )}
            <div className="sheet bench-sheet">
              <BenchChart
                pointing={pointing}
                chartId={chartId}
                chart={drawn}
                {...{ onScale, grips }}
                sizes={previewSizes(dashboard?.charts.find(({ id }) => id === chartId)?.place)}
                reading={reading}
                notes={notesShown && !definition.notesHidden ? notes : noNotes}
                highlight={highlight}
                onHighlight={onHighlight}
                onWriteNote={write}
                onOpenNote={(note) => setDraft(changedNote(note))}
              />
              <StandList
                dashboard={dashboard}
                chart={definition}
                reading={told}
                notes={notes}
                notesShown={notesShown}
                onShowNotes={setNotesShown}
                onWriteNote={() =>
                  write({ day: reading?.today ?? 0, series: latestLit(bench.highlight) })
                }
                onEditNote={(note) => setDraft(changedNote(note))}
              />
            </div>
          </AboutChart>
        </WrittenDates>
      </main>
      {dashboard && reading && (
        <Peek
          charts={dashboard.charts}
          own={definition.linking?.peek}
          link={null}
          style={dashboard.style}
          dials={noDials}
          pointing={pointing}
          readings={{ [chartId]: reading }}
        />
      )}
      <Suspense fallback={null}>
        {draft && (
          <NoteEditor draft={draft} reading={reading ?? undefined} onClose={() => setDraft(null)} />
        )}
      </Suspense>
    </>
  );
}

/** Lays the chart on its dashboard, or leads there when it lies there already. */
function PlaceButton({ dashboardId, chartId }: { dashboardId: number; chartId: number }) {
  const { data: dashboard } = api.useDashboardQuery({ id: dashboardId });
  const [arrange, arranging] = api.useArrangeMutation();
  const navigate = useNavigate();
  const own = dashboard?.charts.find(({ id }) => id === chartId);
  const go = async () => {
    if (dashboard && own?.place === null) {
      const place = placeBelow(dashboard.charts.map((chart) => chart.place));
      await arrange({
        id: dashboardId,
        revision: dashboard.revision,
        places: [{ chartId, place }],
      }).unwrap();
    }
    await navigate(`/dashboards/${dashboardId}`);
  };
  return (
    <Button primary busy={arranging.isLoading} disabled={!dashboard} onClick={() => void go()}>
      {own?.place === null ? 'Place on dashboard' : 'To the dashboard'}
    </Button>
  );
}

/** Undo and redo by their usual keys, unless a field is being written in. */
function useUndoKeys() {
  const dispatch = useDispatch();
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (
        !(event.ctrlKey || event.metaKey) ||
        (event.target as HTMLElement).closest('input, textarea')
      )
        return;
      const key = event.key.toLowerCase();
      if (key === 'z') dispatch(event.shiftKey ? benchActions.redone() : benchActions.undone());
      else if (key === 'y') dispatch(benchActions.redone());
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, [dispatch]);
}

/** What is highlighted on the bench; until a line is, what the chart opens with. */
const useOpening = (highlight: Highlight, emphasis: Highlight): Highlight =>
  highlight.length > 0 ? highlight : emphasis;

const otherCharts = (charts: readonly PlacedChart[], own: number) =>
  charts
    .filter(({ id }) => id !== own)
    .map(({ id, definition: { title } }) => ({ id, title: withoutSlots(title) }));
