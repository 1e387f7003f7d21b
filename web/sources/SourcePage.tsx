import { Button, Table } from 'antd';
import { Link, useParams } from 'react-router';
import { api, sayProblem } from '../api';
import { TopBar } from '../people';
import { formWords } from './formWords';

const kindWords = { date: 'date', number: 'figures', text: 'words' };

/** One source: how its file was understood, its versions, and the charts drawn from it. */
export function SourcePage() {
  const id = Number(useParams().id);
  const { data: source, error } = api.useSourceQuery(id, { refetchOnMountOrArgChange: true });
  const [stand, standing] = api.useStandOnVersionMutation();
  const trail = [{ label: 'Sources', to: '/sources' }, { label: source?.name ?? '' }];
  if (!source)
    return (
      <>
        <TopBar trail={trail} />
        <main className="page slim">{error && <p className="problem">{sayProblem(error)}</p>}</main>
      </>
    );
  return (
    <>
      <TopBar trail={trail}>
        {source.own && (
          <Link to={`/sources/${id}/again`}>
            <Button type="primary">Bring in again</Button>
          </Link>
        )}
      </TopBar>
      <main className="page slim">
        <div className="page-head">
          <div>
            <h1>{source.name}</h1>
            <p className="quiet">
              {source.rows.toLocaleString('en-GB')} rows from {source.fileName}:{' '}
              {formWords(source.form)}
            </p>
          </div>
        </div>
        <div className="sheet">
          <Table
            size="small"
            rowKey="key"
            pagination={false}
            scroll={{ x: 'max-content' }}
            dataSource={source.preview.map((cells, key) => ({ key, cells }))}
            columns={source.columns.map(({ name, kind, words, datePattern }, place) => ({
              key: name,
              title: (
                <span className="column-head">
                  {name}
                  <span className="quiet small">
                    {kindWords[kind]}
                    {kind === 'text' && `, ${words}${words >= 1000 ? ' or more' : ''} different`}
                    {datePattern && `, ${datePattern}`}
                  </span>
                </span>
              ),
              align: kind === 'number' ? ('right' as const) : ('left' as const),
              render: (_: unknown, { cells }: { cells: (string | null)[] }) =>
                cells[place] ?? <span className="quiet">missing</span>,
            }))}
          />
        </div>
        <div className="two-columns">
          <section>
            <h3>Drawn in</h3>
            {source.charts.length === 0 && (
              <p className="quiet">No chart yet. Open a dashboard and choose New chart.</p>
            )}
            <ul className="plain-list">
              {source.charts.map((chart) => (
                <li key={chart.id}>
                  <Link to={`/dashboards/${chart.dashboardId}`}>{chart.title}</Link>
                </li>
              ))}
            </ul>
          </section>
          <section>
            <h3>Versions</h3>
            {standing.error && <p className="problem">{sayProblem(standing.error)}</p>}
            <ul className="plain-list">
              {source.versions.map((version) => (
                <li key={version.id} className="row">
                  <span>
                    {new Date(version.broughtInAt).toLocaleString('en-GB', {
                      dateStyle: 'medium',
                      timeStyle: 'short',
                    })}
                    , {version.rows.toLocaleString('en-GB')} rows
                  </span>
                  {version.current ? (
                    <span className="quiet">in use</span>
                  ) : (
                    source.own && (
                      <button
                        type="button"
                        className="act"
                        onClick={() => void stand({ id, versionId: version.id })}
                      >
                        Use this one
                      </button>
                    )
                  )}
                </li>
              ))}
            </ul>
          </section>
        </div>
      </main>
    </>
  );
}
