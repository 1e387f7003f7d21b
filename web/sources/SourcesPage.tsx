import './sources.css';
import { Input, Select } from 'antd';
import { countPeriods } from '../../core/labels';
import { countRows } from '../../core/preparation';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Source } from '../../contract';
import { api, sayProblem } from '../api';
import { Act, Button, Controls, Empty } from '../controls';
import { toastUndo } from '../hands';
import { TopBar } from '../people';
import { RemovedSources } from './RemovedSources';
import { UnderwayPart } from './UnderwayPart';

const orders: Record<string, { label: string; compare: (a: Source, b: Source) => number }> = {
  newest: {
    label: 'brought in last',
    compare: (a, b) => (a.broughtInAt < b.broughtInAt ? 1 : -1),
  },
  name: { label: 'name', compare: (a, b) => a.name.localeCompare(b.name) },
  rows: { label: 'number of rows', compare: (a, b) => b.rows - a.rows },
};

/** Whether a source is meant by what somebody looks for: its name, its file or one of its columns. */
const fits = ({ name, fileName, columns }: Source, words: string) =>
  [name, fileName, ...columns.map((column) => column.name)].some((text) =>
    text.toLowerCase().includes(words.trim().toLowerCase()),
  );

/** All sources a person may draw from. */
export function SourcesPage() {
  const { data: sources, error } = api.useSourcesQuery(undefined, {
    refetchOnMountOrArgChange: true,
  });
  const [words, setWords] = useState('');
  const [order, setOrder] = useState('newest');
  const [remove, removing] = api.useRemoveSourceMutation();
  const [restore] = api.useRestoreSourceMutation();
  const take = async (id: number, name: string) => {
    await remove(id).unwrap();
    toastUndo(`“${name}” removed.`, () => void restore(id));
  };
  const problem = error ?? removing.error;
  const found = (sources ?? [])
    .filter((source) => fits(source, words))
    .sort(orders[order]?.compare);
  return (
    <Controls>
      <TopBar>
        <Button to="/sources/new" primary>
          Bring in figures
        </Button>
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
        <UnderwayPart />
        {sources?.length === 0 && (
          <div className="sheet">
            <Empty title="No source yet">
              <p>
                Bring in a file as it comes: one row a day, months across, titles above. How it is
                understood is shown before anything is stored.
              </p>
              <Button to="/sources/new" primary>
                Bring in figures
              </Button>
            </Empty>
          </div>
        )}
        {sources && sources.length > 0 && (
          <>
            <div className="sources-tools">
              <Input
                type="search"
                className="source-search"
                placeholder="Find by name, file or column"
                aria-label="Find a source"
                value={words}
                onChange={(event) => setWords(event.target.value)}
              />
              <label className="row quiet">
                Ordered by
                <Select
                  aria-label="Ordered by"
                  value={order}
                  popupMatchSelectWidth={false}
                  onChange={setOrder}
                  options={Object.entries(orders).map(([value, { label }]) => ({ value, label }))}
                />
              </label>
            </div>
            {found.length === 0 && (
              <p className="quiet">No source is called so. Look for fewer letters.</p>
            )}
            <ul className="sheet entries">
              {found.map((source) => (
                <SourceEntry
                  key={source.id}
                  source={source}
                  onRemove={() => void take(source.id, source.name).catch(() => undefined)}
                />
              ))}
            </ul>
          </>
        )}
        <RemovedSources />
      </main>
    </Controls>
  );
}

interface SourceEntryProps {
  source: Source;
  onRemove: () => void;
}

function SourceEntry({ source, onRemove }: SourceEntryProps) {
  const { id, name, rows, columns, fileName, own } = source;
  return (
    <li>
      <Link to={`/sources/${id}`} className="entry-name">
        {name}
      </Link>
      <span className="quiet">
        {countRows(rows)}, {countPeriods(columns.length, 'column')}
      </span>
      <span className="quiet small">{fileName}</span>
      {own ? (
        <Act onClick={onRemove} aria-label={`Delete ${name}`}>
          Delete
        </Act>
      ) : (
        <span className="quiet small">a colleague’s</span>
      )}
    </li>
  );
}
