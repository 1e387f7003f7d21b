import './sources.css';
import { Link } from 'react-router';
import { api, sayProblem } from '../api';
import { Empty, toastUndo } from '../look';
import { TopBar } from '../people';

/** All sources a person may draw from. */
export function SourcesPage() {
  const { data: sources, error } = api.useSourcesQuery(undefined, {
    refetchOnMountOrArgChange: true,
  });
  const [remove, removing] = api.useRemoveSourceMutation();
  const [restore] = api.useRestoreSourceMutation();
  const take = async (id: number, name: string) => {
    await remove(id).unwrap();
    toastUndo(`“${name}” removed.`, () => void restore(id));
  };
  const problem = error ?? removing.error;
  return (
    <>
      <TopBar>
        <Link to="/sources/new" className="button primary">
          Bring in figures
        </Link>
      </TopBar>
      <main className="page slim">
        <div className="page-head">
          <div>
            <h1>Sources</h1>
            <p className="quiet">
              Tables of figures that charts are drawn from. Bring one in again and its charts
              follow.
            </p>
          </div>
        </div>
        {problem && (
          <p className="problem" role="alert">
            {sayProblem(problem)}
          </p>
        )}
        {sources?.length === 0 && (
          <div className="sheet">
            <Empty title="No source yet">
              <p>
                Bring in a CSV file: one row a day, or a month, with a column of dates and at least
                one of figures.
              </p>
              <Link to="/sources/new" className="button primary">
                Bring in figures
              </Link>
            </Empty>
          </div>
        )}
        {sources && sources.length > 0 && (
          <ul className="sheet entries">
            {sources.map(({ id, name, rows, columns, fileName, own }) => (
              <li key={id}>
                <Link to={`/sources/${id}`} className="entry-name">
                  {name}
                </Link>
                <span className="quiet">
                  {rows.toLocaleString('en-GB')} rows, {columns.length} columns
                </span>
                <span className="quiet small">{fileName}</span>
                {own ? (
                  <button
                    type="button"
                    className="act"
                    onClick={() => void take(id, name).catch(() => undefined)}
                    aria-label={`Delete ${name}`}
                  >
                    Delete
                  </button>
                ) : (
                  <span className="quiet small">a colleague’s</span>
                )}
              </li>
            ))}
          </ul>
        )}
      </main>
    </>
  );
}
