import { Checkbox, Input } from 'antd';
import {
  draftSeries,
  type FiguresDefinition,
  type RowsFigures,
  type SeriesDefinition,
} from '../../../core/chart';
import { isProblem, readFormula } from '../../../core/formula';
import { type Aggregate, aggregates, isAdditive } from '../../../core/frame';
import { api } from '../../api';
import { SelectField } from '../../controls';
import { NameField, NumberField } from '../fields';
import type { SeriesPhraseProps } from './seriesPhrase';

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
  percentile: 'percentile',
};

const kindWords: Record<FiguresDefinition['kind'], string> = {
  rows: 'taken from a source',
  formula: 'worked out from other series',
  constant: 'the same throughout',
};

/** Where a series' figures come from, and what it is called. */
export function FiguresFields(props: SeriesPhraseProps) {
  const { series, onChange } = props;
  const { figures } = series;
  const { data: sources } = api.useSourcesQuery();
  const become = (kind: FiguresDefinition['kind']) => {
    const [first] = sources ?? [];
    const drafts: Record<FiguresDefinition['kind'], FiguresDefinition> = {
      rows: first ? draftSeries(first, series.id, series.role).figures : figures,
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
      {figures.kind === 'formula' && <FormulaField {...props} text={figures.text} />}
      {figures.kind === 'constant' && (
        <NumberField
          label="Figure"
          value={figures.number}
          onChange={(number) => onChange({ figures: { ...figures, number } })}
        />
      )}
      <NameField value={series.name} onChange={(name) => onChange({ name })} />
    </>
  );
}

function RowsFields({ series, onChange, figures }: SeriesPhraseProps & { figures: RowsFigures }) {
  const { data: sources } = api.useSourcesQuery();
  const source = sources?.find(({ id }) => id === figures.sourceId);
  const named = (kinds: string[]) =>
    source?.columns.filter(({ kind }) => kinds.includes(kind)) ?? [];
  // A name that was only the column's follows the column.
  const follows = series.name === (figures.column ?? 'Rows');
  const set = (more: Partial<RowsFigures>) => {
    const next = { ...figures, ...more };
    onChange({ figures: next, name: follows ? (next.column ?? 'Rows') : series.name });
  };
  const counted = figures.aggregate === 'count' || figures.aggregate === 'distinct';
  return (
    <>
      <SelectField
        label="Source"
        value={figures.sourceId}
        onChange={(id) => {
          const other = sources?.find((each) => each.id === id);
          if (!other) return;
          const { figures: drafted, name } = draftSeries(other, series.id, series.role);
          onChange({ figures: drafted, split: null, name: follows ? name : series.name });
        }}
        options={sources?.map(({ id, name }) => ({ value: id, label: name }))}
      />
      <SelectField
        label="Figures"
        value={figures.column ?? ''}
        onChange={(column) => set(column ? { column } : { column: null, aggregate: 'count' })}
        options={[
          ...named(counted ? ['number', 'text', 'date'] : ['number']).map(({ name }) => ({
            value: name,
            label: name,
          })),
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
      {figures.aggregate === 'percentile' && (
        <NumberField
          label="Which percentile"
          value={figures.percent}
          min={0}
          max={100}
          onChange={(percent) => set({ percent })}
        />
      )}
      <SelectField
        label="Dated by"
        value={figures.date}
        onChange={(date) => set({ date })}
        options={named(['date']).map(({ name }) => ({ value: name, label: name }))}
      />
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

/** A formula over the other series of the chart; what is wrong with it is said at once. */
function FormulaField({ chart, series, onChange, text }: SeriesPhraseProps & { text: string }) {
  const names = chart.series.filter(({ id }) => id !== series.id).map(({ name }) => name);
  const read = readFormula(text, names);
  const set = (next: string) =>
    onChange({ figures: { kind: 'formula', text: next } } satisfies Partial<SeriesDefinition>);
  const written = (name: string) => (/^\w+$/.test(name) ? name : `"${name}"`);
  return (
    <div className="field">
      <span>Formula</span>
      <Input
        value={text}
        aria-label="Formula"
        aria-invalid={isProblem(read)}
        placeholder={names.slice(0, 2).map(written).join(' / ')}
        onChange={(event) => set(event.target.value)}
      />
      <span className="small quiet">
        {names.map((name) => (
          <button
            key={name}
            type="button"
            className="act"
            onClick={() => set(`${text}${text && !/[\s(]$/.test(text) ? ' ' : ''}${written(name)}`)}
          >
            {name}
          </button>
        ))}
      </span>
      {text && isProblem(read) && <span className="problem small">{read.sentence}</span>}
    </div>
  );
}
