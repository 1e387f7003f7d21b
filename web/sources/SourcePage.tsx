import './sources.css';
import { lazy, Suspense } from 'react';
import { Link, useParams } from 'react-router';
import type { SourceDetail } from '../../contract';
import { parseDay } from '../../core/calendar';
import { writeDay } from '../../core/labels';
import { countRows, sayStep } from '../../core/preparation';
import { unitOf } from '../../core/table';
import { api, sayProblem } from '../api';
import {
  columnWords,
  Distribution,
  DoubtfulCells,
  formWords,
  kindWords,
  writeValue,
} from '../deliveries';
import { Act, Button, Controls, DataTable, Menu } from '../controls';
import { TopBar } from '../people';
import { DrawButton } from './DrawButton';
import { UnderwayPart } from './UnderwayPart';
import { Versions } from './Versions';

const MeasuresPart = lazy(() =>
  import('../measures').then(({ MeasuresPart: part }) => ({ default: part })),
);

/** One source: how its file was understood and prepared, its versions, and the charts drawn from it. */
export function SourcePage() {
  const id = Number(useParams().id);
  const { data: source, error } = api.useSourceQuery(id, { refetchOnMountOrArgChange: true });
  const trail = [{ label: 'Sources', to: '/sources' }, { label: source?.name ?? '' }];
  if (!source)
    return (
      <Controls>
        <TopBar trail={trail} />
        <main className="page slim">{error && <p className="problem">{sayProblem(error)}</p>}</main>
      </Controls>
    );
  const { rows, fileName, form, doubtful, doubtfulTotal } = source;
  const corrected = source.versions.some(({ current, mode }) => current && mode === 'correct');
  return (
    <Controls>
      <TopBar trail={trail}>
        <Menu label="Write the rows to a file" button items={writeItems(id)}>
          Write
        </Menu>
        <DrawButton source={source} />
        {source.own && rows <= 2000 && <Button to={`/sources/${id}/type`}>Correct in place</Button>}
        {source.own && <Button to={`/sources/${id}/again`}>Bring in again</Button>}
      </TopBar>
      <main className="page slim">
        <div className="page-head">
          <div>
            <h1>{source.name}</h1>
            <p className="quiet">
              {countRows(rows)} from {fileName}
              {corrected ? ', corrected in place' : form.file && `: ${formWords(form.file)}`}
              {form.completeTo && `, complete up to ${sayDay(form.completeTo)}`}
            </p>
          </div>
        </div>
        {source.own && <UnderwayPart sourceId={source.id} />}
        <section className="sheet">
          <ColumnsTable source={source} />
        </section>
        <DoubtfulCells doubtful={doubtful} total={doubtfulTotal}>
          They did not fit their column when the file came in, and count as missing.
        </DoubtfulCells>
        <div className="two-columns">
          <PreparationPart source={source} />
          <section>
            <h2>Drawn in</h2>
            {source.charts.length === 0 && (
              <p className="quiet">
                No chart yet. Draw a chart, at the top of this page, makes the first.
              </p>
            )}
            <ul className="plain-list">
              {source.charts.map((chart) => (
                <li key={chart.id}>
                  <Link to={`/dashboards/${chart.dashboardId}`}>{chart.title}</Link>
                </li>
              ))}
            </ul>
          </section>
        </div>
        <Suspense fallback={null}>
          <MeasuresPart source={source} />
        </Suspense>
        <Versions source={source} />
        <section className="source-section sheet">
          <h2>The first rows</h2>
          <FirstRows source={source} />
        </section>
      </main>
    </Controls>
  );
}

const writeItems = (id: number) =>
  (['csv', 'xlsx', 'json'] as const).map((kind) => ({
    label: { csv: 'as CSV', xlsx: 'as a workbook', json: 'as JSON' }[kind],
    act: () => window.location.assign(`/api/sources/${id}/rows.${kind}`),
  }));

const sayDay = (text: string) => {
  const day = parseDay(text);
  return day === null ? text : writeDay(day);
};

type ListedColumn = SourceDetail['columns'][number];

/** Its columns: what each holds, over what range, how much is missing, and how it is spread. */
function ColumnsTable({ source: { name, columns, profiles } }: { source: SourceDetail }) {
  const profileOf = (column: ListedColumn) => profiles[columns.indexOf(column)];
  return (
    <DataTable<ListedColumn>
      label={`The columns of ${name}`}
      rows={columns}
      columns={[
        { key: 'name', title: 'Column', names: true, cell: (column) => column.name },
        { key: 'holds', title: 'Holds', cell: (column) => <Holds column={column} /> },
        {
          key: 'spread',
          title: 'Spread',
          cell: (column) => <Distribution bins={profileOf(column)?.bins ?? []} />,
        },
        {
          key: 'values',
          title: 'Values',
          cell: (column) => <Values column={column} profile={profileOf(column)} />,
        },
        {
          key: 'missing',
          title: 'Missing',
          figure: true,
          cell: (column) => profileOf(column)?.blank.toLocaleString('en-GB') ?? '',
        },
        {
          key: 'doubtful',
          title: 'Doubtful',
          figure: true,
          cell: (column) => (
            <span className={profileOf(column)?.doubtful ? 'off' : ''}>
              {profileOf(column)?.doubtful.toLocaleString('en-GB') ?? ''}
            </span>
          ),
        },
      ]}
    />
  );
}

function Holds({ column: { name, kind, datePattern } }: { column: ListedColumn }) {
  const unit = unitOf(name);
  return (
    <>
      {kindWords[kind]}
      {datePattern && <span className="quiet">, {datePattern}</span>}
      {unit && kind === 'number' && <span className="quiet"> in {unit}</span>}
    </>
  );
}

interface ValuesProps {
  column: ListedColumn;
  profile: SourceDetail['profiles'][number] | undefined;
}

function Values({ column, profile }: ValuesProps) {
  const words = profile ? columnWords(column.kind, profile, column.decimals) : [];
  return (
    <>
      {words.slice(0, -1).join('; ')}
      <span className="quiet">
        {words.length > 1 && ', '}
        {profile
          ? `${profile.distinct.toLocaleString('en-GB')}${profile.distinct >= 1000 ? ' or more' : ''} different`
          : ''}
      </span>
    </>
  );
}

function PreparationPart({ source }: { source: SourceDetail }) {
  const { id, form, uploadId } = source;
  return (
    <section>
      <h2>Preparation</h2>
      {!form.steps?.length && <p className="quiet">The rows stand as they came.</p>}
      <ol className="source-steps">
        {(form.steps ?? []).map((step) => (
          <li key={step.id} className={step.off ? 'quiet' : ''}>
            {sayStep(step)}
            {step.off && ' (switched off)'}
          </li>
        ))}
      </ol>
      {uploadId && (
        <Act to={`/sources/${id}/again?upload=${uploadId}`}>
          Change how this file is read and prepared
        </Act>
      )}
    </section>
  );
}

const FirstRows = ({ source: { name: source, columns, preview } }: { source: SourceDetail }) => (
  <DataTable<readonly (string | null)[]>
    label={`The first rows of ${source}`}
    rows={preview}
    columns={columns.map(({ name, kind, decimals }, place) => ({
      key: name,
      title: name,
      figure: kind === 'number',
      cell: (cells) => <Cell text={cells[place] ?? null} kind={kind} decimals={decimals} />,
    }))}
  />
);

interface CellProps {
  text: string | null;
  kind: keyof typeof kindWords;
  decimals: number;
}

/** A cell as it is kept: figures with their thousands marks, days as people write them. */
function Cell({ text, kind, decimals }: CellProps) {
  if (text === null) return <span className="quiet">missing</span>;
  if (kind === 'text') return text;
  const value = kind === 'date' ? parseDay(text) : Number(text);
  return value === null ? text : writeValue(value, kind, decimals);
}
