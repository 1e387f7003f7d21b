import './dashboard.css';
import { lazy, Suspense, useState } from 'react';
import { Link, useParams } from 'react-router';
import { type Dashboard, type GridPlace, placeBelow } from '../../contract';
import { withoutSlots } from '../../core/labels';
import { api, problemOf, sayProblem } from '../api';
import { Act, Button, Empty, toast } from '../hands';
import { TopBar } from '../people';
import { BoardView, EmptyForReaders } from './BoardView';
import { BoardTitle } from './BoardTitle';
import { useChartChanges } from './useChartChanges';

const ShareDialog = lazy(() =>
  import('./ShareDialog').then(({ ShareDialog: dialog }) => ({ default: dialog })),
);
const StyleDialog = lazy(() =>
  import('./StyleDialog').then(({ StyleDialog: dialog }) => ({ default: dialog })),
);
const PeekDialog = lazy(() =>
  import('../companions').then(({ PeekDialog: dialog }) => ({ default: dialog })),
);
const NewChart = lazy(() =>
  import('./NewChart').then(({ NewChart: dialog }) => ({ default: dialog })),
);

/** A dashboard, for those with an account. */
export function DashboardPage() {
  const id = Number(useParams().id);
  const { data: dashboard, error } = api.useDashboardQuery({ id }, { refetchOnFocus: true });
  if (error)
    return (
      <>
        <TopBar />
        <main className="page slim">
          <p className="problem">{sayProblem(error)}</p>
          <Link to="/">To the dashboards</Link>
        </main>
      </>
    );
  return dashboard ? <OpenDashboard key={id} dashboard={dashboard} /> : <TopBar />;
}

function OpenDashboard({ dashboard }: { dashboard: Dashboard }) {
  const { id, role, title } = dashboard;
  const editable = role !== 'reader';
  const [arranging, setArranging] = useState(false);
  const [sharing, setSharing] = useState(false);
  const [adding, setAdding] = useState(false);
  const [styling, setStyling] = useState(false);
  const [peeked, setPeeked] = useState<number | null>(null);
  const { arrange, conflict, dismiss } = useArrange(dashboard);
  const waiting = dashboard.charts.filter(({ place }) => place === null);
  const rename = useRename(dashboard);
  const changes = useChartChanges(id, setPeeked);
  return (
    <>
      <TopBar trail={[{ label: title }]}>
        {editable && (
          <>
            <Button onClick={() => setAdding(true)}>New chart</Button>
            <Button onClick={() => setStyling(true)}>Style</Button>
            <Button onClick={() => setArranging(!arranging)} primary={arranging}>
              {arranging ? 'Done arranging' : 'Arrange'}
            </Button>
          </>
        )}
        {role === 'owner' && (
          <Button primary={!arranging} onClick={() => setSharing(true)}>
            Share
          </Button>
        )}
      </TopBar>
      <main className="page">
        {conflict && (
          <div className="problem banner row" role="alert">
            <p className="grow">{conflict}</p>
            <Act onClick={dismiss}>Close</Act>
          </div>
        )}
        <BoardView
          dashboard={dashboard}
          link={null}
          editable={editable}
          arranging={arranging}
          onArrange={arrange}
          title={editable ? <BoardTitle title={title} onRename={rename} /> : undefined}
          changes={editable ? changes : undefined}
          whenEmpty={
            editable ? (
              <Empty title="No chart yet">
                <p>Draw the first chart from a source of yours, then place it here.</p>
                <Button primary onClick={() => setAdding(true)}>
                  New chart
                </Button>
              </Empty>
            ) : (
              <EmptyForReaders />
            )
          }
        />
        {editable && waiting.length > 0 && (
          <section className="waiting">
            <h3>On the bench, not placed yet</h3>
            <ul>
              {waiting.map((chart) => (
                <li key={chart.id} className="row">
                  <Link to={`/dashboards/${id}/charts/${chart.id}`}>
                    {withoutSlots(chart.definition.title)}
                  </Link>
                  <Act
                    onClick={() =>
                      void arrange([
                        {
                          chartId: chart.id,
                          place: placeBelow(dashboard.charts.map(({ place }) => place)),
                        },
                      ])
                    }
                  >
                    Place it here
                  </Act>
                </li>
              ))}
            </ul>
          </section>
        )}
      </main>
      <Suspense fallback={null}>
        {sharing && <ShareDialog dashboardId={id} onClose={() => setSharing(false)} />}
        {styling && <StyleDialog dashboard={dashboard} onClose={() => setStyling(false)} />}
        {peeked !== null && (
          <PeekDialog {...{ dashboard }} chartId={peeked} onClose={() => setPeeked(null)} />
        )}
        {adding && <NewChart dashboardId={id} onClose={() => setAdding(false)} />}
      </Suspense>
    </>
  );
}

/** Moves charts; when somebody else has moved them meanwhile, says so and shows theirs. */
function useArrange(dashboard: Dashboard) {
  const [save] = api.useArrangeMutation();
  const [conflict, setConflict] = useState('');
  const arrange = async (places: { chartId: number; place: GridPlace | null }[]) => {
    try {
      await save({ id: dashboard.id, revision: dashboard.revision, places }).unwrap();
    } catch (error) {
      const theirs = problemOf(error)?.code === 'changed-meanwhile';
      setConflict(
        theirs
          ? `${sayProblem(error)} You now see theirs; arrange again if it should be otherwise.`
          : sayProblem(error),
      );
    }
  };
  return { arrange, conflict, dismiss: () => setConflict('') };
}

function useRename({ id, revision, title }: Dashboard) {
  const [rename] = api.useRenameDashboardMutation();
  return (next: string) => {
    if (next.trim() === title || !next.trim()) return;
    rename({ id, revision, title: next })
      .unwrap()
      .catch((error: unknown) => toast(sayProblem(error)));
  };
}
