import { aggregateKind, aggregateKinds } from '../../core/frame';
import type { Aggregated } from '../../core/measures';
import type { Source } from '../../contract';
import { NumberField, SelectField } from '../controls';

interface AggregateFieldsProps {
  value: Omit<Aggregated, 'filters'>;
  columns: Source['columns'];
  onChange: (more: Partial<Aggregated>) => void;
}

/** Which column is taken, as what, and by which dates. */
export function AggregateFields({ value, columns, onChange }: AggregateFieldsProps) {
  const named = (kinds: string[]) => columns.filter(({ kind }) => kinds.includes(kind));
  const taken = aggregateKind(value.aggregate);
  return (
    <>
      <SelectField
        label="Figures"
        value={value.column ?? ''}
        onChange={(column) => onChange(column ? { column } : { column: null, aggregate: 'count' })}
        options={[
          ...named(taken.ofOthers ? ['number', 'text', 'date'] : ['number']).map(({ name }) => ({
            value: name,
            label: name,
          })),
          { value: '', label: 'the rows themselves' },
        ]}
      />
      <SelectField
        label="Taken as"
        value={value.aggregate}
        onChange={(aggregate) => onChange({ aggregate })}
        options={aggregateKinds
          .filter(({ ofRows }) => value.column !== null || ofRows)
          .map(({ name, offered }) => ({ value: name, label: offered }))}
      />
      {taken.percent && (
        <NumberField
          label="Which percentile"
          value={value.percent}
          min={0}
          max={100}
          onChange={(percent) => onChange({ percent })}
        />
      )}
      <SelectField
        label="Dated by"
        value={value.date}
        onChange={(date) => onChange({ date })}
        options={named(['date']).map(({ name }) => ({ value: name, label: name }))}
      />
    </>
  );
}
