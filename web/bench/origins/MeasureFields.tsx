import { sayMeasure } from '../../../core/measures';
import { api } from '../../api';
import { SelectField } from '../../controls';
import type { OriginFieldsProps } from './originFields';

/** A measure of any source: the series is called as it is. */
export function MeasureFields({ series, onChange, figures }: OriginFieldsProps<'measure'>) {
  const { data: sources } = api.useSourcesQuery();
  const { data: measures = [] } = api.useMeasuresQuery(figures.sourceId);
  const chosen = measures.find(({ id }) => id === figures.measureId);
  return (
    <>
      <SelectField
        label="Source"
        value={figures.sourceId}
        onChange={(sourceId) =>
          onChange({ figures: { ...figures, sourceId, measureId: null }, split: null })
        }
        options={sources?.map(({ id, name }) => ({ value: id, label: name }))}
      />
      <SelectField
        label="Measure"
        value={chosen?.id ?? null}
        placeholder={
          measures.length > 0 ? 'Choose a measure' : 'None is named on the source’s page'
        }
        onChange={(measureId) => {
          const name = measures.find(({ id }) => id === measureId)?.name ?? series.name;
          onChange({ figures: { ...figures, measureId }, name });
        }}
        options={measures.map(({ id, name, definition }) => ({
          value: id,
          label: `${name} (${sayMeasure(definition)})`,
        }))}
      />
    </>
  );
}
