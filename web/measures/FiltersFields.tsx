import { Select } from 'antd';
import type { ReactNode } from 'react';
import type { DatesFilter, Filter, NumbersFilter, WordsFilter } from '../../core/frame';
import { api } from '../api';
import { OptionalDateField, OptionalNumberField, SelectField } from '../controls';

/** A column that rows can be told apart by. */
export interface FilterColumn {
  name: string;
  kind: string;
  /** a source that has it, for its words */
  sourceId: number;
}

interface FiltersFieldsProps {
  filters: readonly Filter[];
  columns: readonly FilterColumn[];
  onChange: (filters: Filter[]) => void;
  /** what else is set of a filter, by its place */
  more?: (place: number) => ReactNode;
}

/** Conditions that rows must meet, and a choice of columns for one more. */
export function FiltersFields({ filters, columns, onChange, more }: FiltersFieldsProps) {
  const add = (name: string) => {
    const kind = columns.find((column) => column.name === name)?.kind;
    const text = { kind: 'words', column: name, words: [], keep: false } as const;
    const number = { kind: 'numbers', column: name, from: null, to: null } as const;
    const date = { kind: 'dates', column: name, from: null, to: null } as const;
    onChange([
      ...filters,
      kind === 'text' ? { ...text, words: [] } : kind === 'date' ? date : number,
    ]);
  };
  return (
    <>
      {filters.map((filter, place) => {
        const set = (next: Filter) =>
          onChange(filters.map((each, at) => (at === place ? next : each)));
        const sourceId = columns.find(({ name }) => name === filter.column)?.sourceId ?? 0;
        return (
          <div key={place} className="fields">
            {filter.kind === 'words' && (
              <WordsFields filter={filter} sourceId={sourceId} onChange={set} />
            )}
            {filter.kind === 'numbers' && <NumbersFields filter={filter} onChange={set} />}
            {filter.kind === 'dates' && <DatesFields filter={filter} onChange={set} />}
            {more?.(place)}
            <button
              type="button"
              className="act"
              onClick={() => onChange(filters.filter((_, at) => at !== place))}
            >
              No longer by {filter.column}
            </button>
          </div>
        );
      })}
      <SelectField
        label={filters.length === 0 ? 'Only rows by' : 'And by'}
        name="Only rows by"
        value={null}
        placeholder="Choose a column"
        onChange={add}
        options={columns.map(({ name }) => ({ value: name, label: name }))}
      />
    </>
  );
}

interface WordsFieldsProps {
  filter: WordsFilter;
  sourceId: number;
  onChange: (filter: WordsFilter) => void;
}

function WordsFields({ filter, sourceId, onChange }: WordsFieldsProps) {
  const { data: known = [] } = api.useWordsQuery({ sourceId, column: filter.column });
  return (
    <>
      <SelectField
        label={filter.column}
        value={filter.keep ? 'keep' : 'leave'}
        onChange={(choice) => onChange({ ...filter, keep: choice === 'keep' })}
        options={[
          { value: 'keep', label: 'only these' },
          { value: 'leave', label: 'all but these' },
        ]}
      />
      <Select
        mode="multiple"
        aria-label={`Words of ${filter.column}`}
        value={filter.words}
        onChange={(words: string[]) => onChange({ ...filter, words })}
        options={[...known, ''].map((word) => ({ value: word, label: word || 'blank' }))}
      />
    </>
  );
}

interface NumbersFieldsProps {
  filter: NumbersFilter;
  onChange: (filter: NumbersFilter) => void;
}

function NumbersFields({ filter, onChange }: NumbersFieldsProps) {
  return (['from', 'to'] as const).map((end) => (
    <OptionalNumberField
      key={end}
      label={`${filter.column} ${end === 'from' ? 'at least' : 'at most'}`}
      value={filter[end]}
      onChange={(value) => onChange({ ...filter, [end]: value })}
    />
  ));
}

interface DatesFieldsProps {
  filter: DatesFilter;
  onChange: (filter: DatesFilter) => void;
}

function DatesFields({ filter, onChange }: DatesFieldsProps) {
  return (['from', 'to'] as const).map((end) => (
    <OptionalDateField
      key={end}
      label={`${filter.column} ${end === 'from' ? 'from' : 'up to'}`}
      value={filter[end]}
      onChange={(day) => onChange({ ...filter, [end]: day })}
    />
  ));
}
