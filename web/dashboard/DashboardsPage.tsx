import './dashboard.css';
import { lazy, Suspense, useState } from 'react';
import { Link } from 'react-router';
import { api, sayProblem } from '../api';
import { Act, Button, Empty, toastUndo } from '../hands';
import { TopBar } from '../people';

const roleWords = { owner: 'yours', editor: 'you may edit', reader: 'you may read' };

const NewDashboard = lazy(() =>
  import('./NewDashboard').then(({ NewDashboard: dialog }) => ({ default: dialog })),
);

/** All dashboards of a person. */
export function DashboardsPage() {
  const { data: dashboards, error } = api.useDashboardsQuery(undefined, {
    refetchOnMountOrArgChange: true,
  });
  const [naming, setNaming] = useState(false);
  const [remove] = api.useRemoveDashboardMutation();
  const [restore] = api.useRestoreDashboardMutation();
  const take = async (id: number, title: string) => {
    await remove(id).unwrap();
    toastUndo(`“${title}” removed.`, () => void restore(id));
  };
  return (
    <>
      <TopBar>
        <Button primary onClick={() => setNaming(true)}>
          New dashboard
        </Button>
      </TopBar>
      <main className="page slim">
        <div className="page-head">
          <div>
            <h1>Dashboards</h1>
            <p className="quiet">Yours, and those that colleagues have shared with you.</p>
          </div>
        </div>
        {error && <p className="problem">{sayProblem(error)}</p>}
        {dashboards?.length === 0 && (
          <div className="sheet">
            <Empty title="No dashboard yet">
              <p>
                Bring in a file with your figures first, or make a dashboard and fill it as you go.
              </p>
              <div className="row">
                <Button to="/sources/new" primary>
                  Bring in figures
                </Button>
                <Button onClick={() => setNaming(true)}>New dashboard</Button>
              </div>
            </Empty>
          </div>
        )}
        {dashboards && dashboards.length > 0 && (
          <ul className="sheet entries">
            {dashboards.map(({ id, title, role, owner, charts, changedAt }) => (
              <li key={id}>
                <Link to={`/dashboards/${id}`} className="entry-name">
                  {title}
                </Link>
                <span className="quiet">
                  {charts === 1 ? '1 chart' : `${charts} charts`},{' '}
                  {role === 'owner' ? roleWords.owner : `${owner}’s, ${roleWords[role]}`}
                </span>
                <span className="quiet small">
                  changed{' '}
                  {new Date(changedAt).toLocaleDateString('en-GB', {
                    day: 'numeric',
                    month: 'short',
                    year: 'numeric',
                  })}
                </span>
                {role === 'owner' ? (
                  <Act onClick={() => void take(id, title)} aria-label={`Delete ${title}`}>
                    Delete
                  </Act>
                ) : (
                  <span />
                )}
              </li>
            ))}
          </ul>
        )}
      </main>
      <Suspense fallback={null}>
        {naming && <NewDashboard onClose={() => setNaming(false)} />}
      </Suspense>
    </>
  );
}
