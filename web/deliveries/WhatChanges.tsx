import { Radio, Select } from 'antd';
import type { Changes, DeliveryMode, ShownRow } from '../../contract';
import { countRows } from '../../core/preparation';

import { Meanings } from './Meanings';
import { DataTable } from '../controls';

/** What becomes of the rows that the source has. */
export interface ModeChoice {
  mode: DeliveryMode;
  keys: string[];
}

const modes: { value: DeliveryMode; label: string; hint: string }[] = [
  { value: 'replace', label: 'Replace all rows', hint: 'The file holds everything again.' },
  { value: 'append', label: 'Append', hint: 'The file holds new rows only.' },
  {
    value: 'update',
    label: 'Update by key',
    hint: 'Rows with the same key are replaced, others are added, and the rest stays.',
  },
];

interface ModeFieldProps {
  choice: ModeChoice;
  columns: readonly string[];
  onChange: (choice: ModeChoice) => void;
}

/** The choice of what a delivery does to a source. */
export function ModeField({ choice, columns, onChange }: ModeFieldProps) {
  return (
    <fieldset className="mode-field">
      <legend>What becomes of the rows that the source has</legend>
      <Radio.Group
        value={choice.mode}
        onChange={(event) => onChange({ ...choice, mode: event.target.value as DeliveryMode })}
        options={modes.map(({ value, label }) => ({ value, label }))}
      />
      <span className="small quiet">{modes.find(({ value }) => value === choice.mode)?.hint}</span>
      {choice.mode === 'update' && (
        <label className="field">
          <span>Rows are told apart by</span>
          <Select
            mode="multiple"
            aria-label="Rows are told apart by"
            value={choice.keys}
            onChange={(keys: string[]) => onChange({ ...choice, keys })}
            options={columns.map((name) => ({ value: name, label: name }))}
          />
        </label>
      )}
    </fieldset>
  );
}

/** What a delivery would change, before anything is changed. */
export function WhatChanges({ changes, onMended }: { changes: Changes; onMended: () => void }) {
  const { added, removed, changed, standing, keys, columns } = changes;
  const { newColumns, goneColumns, retyped, charts } = changes;
  return (
    <section className="sheet what-changes" aria-label="What would change">
      <h2>
        {added.count + changed.count + removed.count === 0
          ? 'No row would change'
          : `${countRows(added.count)} added, ${changed.count.toLocaleString('en-GB')} changed, ${removed.count.toLocaleString('en-GB')} removed`}
      </h2>
      <p className="quiet">
        {keys.length > 0
          ? `Rows are told apart by ${keys.join(', ')}.`
          : 'No columns tell the rows apart, so whole rows are compared.'}
        {newColumns.length > 0 && ` New columns: ${newColumns.join(', ')}.`}
      </p>
      {standing > 0 && (
        <p className="remark">
          {standing === added.count
            ? 'All of these rows stand'
            : `${countRows(standing)} of them ${standing === 1 ? 'stands' : 'stand'}`}{' '}
          in the source already, and would count twice. Replace all rows, or update them by key.
        </p>
      )}
      {goneColumns.length > 0 && (
        <p className="remark">
          The file lacks {goneColumns.map((name) => `“${name}”`).join(', ')}.
        </p>
      )}
      {retyped.map(({ column, from, to }) => (
        <p key={column} className="remark">
          “{column}” held {from}s and now holds {to}s.
        </p>
      ))}
      {charts.map(({ title, column }) => (
        <p key={`${title} ${column}`} className="remark">
          The chart “{title}” draws from “{column}” and will say that it is gone.
        </p>
      ))}
      <Meanings meanings={changes.meanings} onMended={onMended} />
      <div className="change-examples">
        <Examples label="Added" columns={columns} rows={added.examples} of={added.count} />
        <Examples
          label="Changed"
          columns={columns}
          rows={changed.examples.map(({ after }) => after)}
          before={changed.examples.map(({ before }) => before)}
          of={changed.count}
        />
        <Examples label="Removed" columns={columns} rows={removed.examples} of={removed.count} />
      </div>
    </section>
  );
}

interface ExamplesProps {
  label: string;
  columns: readonly string[];
  rows: readonly ShownRow[];
  /** what stood in their place */
  before?: readonly ShownRow[];
  of: number;
}

function Examples({ label, columns, rows, before, of }: ExamplesProps) {
  if (rows.length === 0) return null;
  return (
    <div>
      <h3>
        {label}
        {of > rows.length && `, the first ${rows.length}`}
      </h3>
      <DataTable<ShownRow>
        label={`${label} rows`}
        rows={rows}
        columns={columns.map((name, at) => ({
          key: name,
          title: name,
          cell: (row, place) => (
            <ChangedCell
              cell={row[at] ?? null}
              old={before ? (before[place]?.[at] ?? null) : undefined}
            />
          ),
        }))}
      />
    </div>
  );
}

/** @param old what stood there before; undefined where nothing did */
function ChangedCell({ cell, old }: { cell: ShownRow[number]; old?: ShownRow[number] }) {
  return (
    <>
      {old !== undefined && old !== cell && (
        <>
          <del className="quiet">{old ?? 'missing'}</del>{' '}
        </>
      )}
      {cell ?? <span className="quiet">missing</span>}
    </>
  );
}
