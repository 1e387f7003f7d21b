import { Checkbox } from 'antd';
import { draftSeries } from '../../../core/editing';
import {
  type FiguresDefinition,
  type MeasureFigures,
  type RowsFigures,
  sourceOfFigures,
} from '../../../core/chart';
import { isAdditive } from '../../../core/frame';
import { api } from '../../api';
import { NumberField, SelectField } from '../../controls';
import { AggregateFields, FormulaField, sayMeasure } from '../../measures';
import { PartName } from '../PartName';
import type { SeriesPhraseProps } from './seriesPhrase';

const kindWords: Record<FiguresDefinition['kind'], string> = {
  rows: 'taken from a source',
  measure: 'a measure that is named',
  formula: 'worked out from other series',
  constant: 'the same throughout',
};

/** Where a series' figures come from, and what it is called. */
export function FiguresFields(props: SeriesPhraseProps & { live?: string }) {
  const { chart, series, onChange } = props;
  const named = [
    ...chart.series.filter(({ id }) => id !== series.id),
    ...chart.dials.filter(({ kind }) => kind === 'number'),
  ].map(({ name }) => name);
  const { figures } = series;
  const { data: sources } = api.useSourcesQuery();
  const become = (kind: FiguresDefinition['kind']) => {
    const own = sourceOfFigures(figures);
    const first = sources?.find(({ id }) => id === own) ?? sources?.[0];
    const drafts: Record<FiguresDefinition['kind'], FiguresDefinition> = {
      rows: first ? draftSeries(first, series.id, series.role).figures : figures,
      measure: { kind: 'measure', sourceId: first?.id ?? 1, measureId: null },
      formula: { kind: 'formula', text: '' },
      constant: { kind: 'constant', number: 100 },
    };
    onChange({ figures: drafts[kind], split: null });
  };
  return (
    <>
      <SelectField
        label="Its figures are"
        value={figures.kind}
        onChange={become}
        options={Object.entries(kindWords).map(([value, label]) => ({
          value: value as FiguresDefinition['kind'],
          label,
        }))}
      />
      {figures.kind === 'rows' && <RowsFields {...props} figures={figures} />}
      {figures.kind === 'measure' && <MeasureFields {...props} figures={figures} />}
      {figures.kind === 'formula' && (
        <FormulaField
          text={figures.text}
          names={named}
          live={props.live}
          onChange={(text) => onChange({ figures: { kind: 'formula', text } })}
        />
      )}
      {figures.kind === 'constant' && (
        <NumberField
          label="Figure"
          value={figures.number}
          onChange={(number) => onChange({ figures: { ...figures, number } })}
        />
      )}
      <PartName chart={chart} part={{ of: 'series', id: series.id }} value={series.name} />
    </>
  );
}

function RowsFields({ series, onChange, figures }: SeriesPhraseProps & { figures: RowsFigures }) {
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
      {isAdditive(figures.aggregate) && (
        <Checkbox
          checked={series.spread}
          onChange={({ target }) => onChange({ spread: target.checked })}
        >
          Spread evenly over days where recorded by longer periods
        </Checkbox>
      )}
    </>
  );
}

/** A measure of any source: the series is called as it is. */
function MeasureFields({
  series,
  onChange,
  figures,
}: SeriesPhraseProps & { figures: MeasureFigures }) {
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
