import { draftSeries, type SeriesDefinition } from '../../core/chart';
import { type Aggregate, aggregates } from '../../core/frame';
import { api } from '../api';
import { SelectField } from '../controls';
import { NameField } from './fields';

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
      <SelectField
        label="Source"
        value={figures.sourceId}
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
      <SelectField
        label="Figures"
        value={figures.column ?? ''}
        onChange={(column) => set(column ? { column } : { column: null, aggregate: 'count' })}
        options={[
          ...choices.map(({ name }) => ({ value: name, label: name })),
          { value: '', label: 'the rows themselves' },
        ]}
      />
      <SelectField
        label="Taken as"
        value={figures.aggregate}
        onChange={(aggregate) => set({ aggregate })}
        options={(figures.column === null ? (['count'] as const) : aggregates).map((each) => ({
          value: each,
          label: aggregateWords[each],
        }))}
      />
      <SelectField
        label="Dated by"
        value={figures.date}
        onChange={(date) => set({ date })}
        options={named(['date']).map(({ name }) => ({ value: name, label: name }))}
      />
      <NameField value={series.name} onChange={(name) => onChange({ name })} />
    </>
  );
}
