import { Checkbox } from 'antd';
import { draftSeries } from '../../../core/editing';
import { aggregateKind } from '../../../core/frame';
import type { RowsFigures } from '../../../core/origins';
import { api } from '../../api';
import { SelectField } from '../../controls';
import { AggregateFields } from '../../measures';
import type { OriginFieldsProps } from './originFields';

/** The source whose rows are aggregated, its column and how. */
export function RowsFields({ series, onChange, figures }: OriginFieldsProps<'rows'>) {
  const { data: sources } = api.useSourcesQuery();
  const source = sources?.find(({ id }) => id === figures.sourceId);
  const set = (more: Partial<RowsFigures>) => onChange({ figures: { ...figures, ...more } });
  return (
    <>
      <SelectField
        label="Source"
        value={figures.sourceId}
        onChange={(id) => {
          const other = sources?.find((each) => each.id === id);
          if (!other) return;
          onChange({ figures: draftSeries(other, series.id, series.role).figures, split: null });
        }}
        options={sources?.map(({ id, name }) => ({ value: id, label: name }))}
      />
      <AggregateFields value={figures} columns={source?.columns ?? []} onChange={set} />
      {aggregateKind(figures.aggregate).additive && (
        <Checkbox
          checked={series.evenly}
          onChange={({ target }) => onChange({ evenly: target.checked })}
        >
          Spread evenly over days where recorded by longer periods
        </Checkbox>
      )}
    </>
  );
}
