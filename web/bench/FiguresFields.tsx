import { Input, Select } from 'antd';
import { draftSeries, type SeriesDefinition } from '../../core/chart';
import { type Aggregate, aggregates } from '../../core/frame';
import { api } from '../api';

export const aggregateWords: Record<Aggregate, string> = {
  sum: 'sum',
  mean: 'mean',
  median: 'median',
  min: 'lowest',
  max: 'highest',
  count: 'count',
  distinct: 'count of different ones',
  first: 'first',
  last: 'last (a closing balance)',
};

interface FiguresFieldsProps {
  series: SeriesDefinition;
  onChange: (more: Partial<SeriesDefinition>) => void;
}

/** Where a series' figures come from, and how they are aggregated. */
export function FiguresFields({ series, onChange }: FiguresFieldsProps) {
  const { data: sources } = api.useSourcesQuery();
  const { figures } = series;
  const source = sources?.find(({ id }) => id === figures.sourceId);
  const named = (kinds: string[]) =>
    source?.columns.filter(({ kind }) => kinds.includes(kind)) ?? [];
  const set = (more: Partial<SeriesDefinition['figures']>) => {
    const next = { ...figures, ...more };
    // A name that was only the column's follows the column.
    const name = series.name === (figures.column ?? 'Rows') ? (next.column ?? 'Rows') : series.name;
    onChange({ figures: next, name });
  };
  const choices = named(
    figures.aggregate === 'count' || figures.aggregate === 'distinct'
      ? ['number', 'text', 'date']
      : ['number'],
  );
  return (
    <>
      <label className="field">
        <span>Source</span>
        <Select
          value={figures.sourceId}
          aria-label="Source"
          onChange={(id) => {
            const other = sources?.find((each) => each.id === id);
            if (!other) return;
            const { figures: drafted, name } = draftSeries(other, series.id, series.role);
            onChange({
              figures: drafted,
              split: null,
              name: series.name === (figures.column ?? 'Rows') ? name : series.name,
            });
          }}
          options={sources?.map(({ id, name }) => ({ value: id, label: name }))}
        />
      </label>
      <label className="field">
        <span>Figures</span>
        <Select
          value={figures.column ?? ''}
          aria-label="Figures"
          onChange={(column) => set(column ? { column } : { column: null, aggregate: 'count' })}
          options={[
            ...choices.map(({ name }) => ({ value: name, label: name })),
            { value: '', label: 'the rows themselves' },
          ]}
        />
      </label>
      <label className="field">
        <span>Taken as</span>
        <Select
          value={figures.aggregate}
          aria-label="Taken as"
          onChange={(aggregate) => set({ aggregate })}
          options={(figures.column === null ? (['count'] as const) : aggregates).map((each) => ({
            value: each,
            label: aggregateWords[each],
          }))}
        />
      </label>
      <label className="field">
        <span>Dated by</span>
        <Select
          value={figures.date}
          aria-label="Dated by"
          onChange={(date) => set({ date })}
          options={named(['date']).map(({ name }) => ({ value: name, label: name }))}
        />
      </label>
      <label className="field">
        <span>Called</span>
        <Input
          value={series.name}
          aria-label="Called"
          maxLength={120}
          onChange={(event) => event.target.value.trim() && onChange({ name: event.target.value })}
        />
      </label>
    </>
  );
}
