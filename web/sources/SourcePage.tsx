import './sources.css';
import { Link, useParams } from 'react-router';
import type { SourceDetail } from '../../contract';
import { parseDay } from '../../core/calendar';
import { writeDay, writeNumber } from '../../core/labels';
import { api, sayProblem } from '../api';
import { ScrollTable } from '../look';
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
          <Link to={`/sources/${id}/again`} className="button primary">
            Bring in again
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
          <ScrollTable
            label={`The first rows of ${source.name}`}
            head={source.columns.map((column) => (
              <th
                key={column.name}
                scope="col"
                className={column.kind === 'number' ? 'figure' : ''}
              >
                <ColumnHead {...column} />
              </th>
            ))}
          >
            {source.preview.map((cells, row) => (
              <tr key={row}>
                {source.columns.map(({ name, kind, decimals }, place) => (
                  <td key={name} className={kind === 'number' ? 'figure' : ''}>
                    <Cell text={cells[place] ?? null} kind={kind} decimals={decimals} />
                  </td>
                ))}
              </tr>
            ))}
          </ScrollTable>
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

function ColumnHead({ name, kind, words, datePattern }: SourceDetail['columns'][number]) {
  return (
    <span className="column-head">
      {name}
      <span className="quiet small">
        {kindWords[kind]}
        {kind === 'text' && `, ${words}${words >= 1000 ? ' or more' : ''} different`}
        {datePattern && `, ${datePattern}`}
      </span>
    </span>
  );
}

interface CellProps {
  text: string | null;
  kind: keyof typeof kindWords;
  decimals: number;
}

/** A cell as it is kept: figures with their thousands marks, days as people write them. */
function Cell({ text, kind, decimals }: CellProps) {
  if (text === null) return <span className="quiet">missing</span>;
  if (kind === 'number')
    return writeNumber(Number(text), { divisor: 1, suffix: '', decimals: Math.min(decimals, 6) });
  const day = kind === 'date' ? parseDay(text) : null;
  return day === null ? text : writeDay(day);
}
