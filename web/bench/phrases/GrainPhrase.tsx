import { type AxisDefinition, axisKind, isOfPeriods } from '../../../core/axis';
import { Radio } from 'antd';
import { type Grain, grains } from '../../../core/calendar';
import { type ChartDefinition, type SeriesDefinition } from '../../../core/chart';
import { sourceOfFigures } from '../../../core/origins';
import { api } from '../../api';
import { Phrase, SelectField } from '../../controls';
import { useChange } from '../useBench';
import { useFiguresAhead } from '../useFiguresAhead';
import { OrderField } from './OrderField';

interface GrainPhraseProps {
  chart: ChartDefinition;
  /** the series whose source's columns are offered */
  main: SeriesDefinition;
}

/** What stands along the axis: the period that is drawn, dates as recorded, or a column. */
export function GrainPhrase({ chart, main }: GrainPhraseProps) {
  const { axis } = chart;
  return (
    <Phrase words={sayAxis(chart)} label="Period">
      <AxisFields {...{ chart, main }} />
      {isOfPeriods(axis) && <Grains chart={chart} />}
    </Phrase>
  );
}

/** The periods that can be drawn. */
function Grains({ chart }: Pick<GrainPhraseProps, 'chart'>) {
  const change = useChange();
  useFiguresAhead(chart);
  return (
    <Radio.Group
      aria-label="Period"
      value={chart.grain}
      onChange={(event) => change((before) => ({ ...before, grain: event.target.value as Grain }))}
      options={grains.map((each) => ({ value: each, label: each }))}
      vertical
    />
  );
}

function sayAxis({ axis, grain }: ChartDefinition): string {
  return axisKind(axis).phrase(axis, grain);
}

/** Dates, or a column of the source; of words, their order. */
function AxisFields({ chart: { axis }, main }: GrainPhraseProps) {
  const change = useChange();
  const { data: sources } = api.useSourcesQuery();
  const [ask] = api.useLazyWordsQuery();
  const sourceId = sourceOfFigures(main.figures) ?? 0;
  const columns = sources?.find(({ id }) => id === sourceId)?.columns ?? [];
  const set = (next: AxisDefinition) => change((before) => ({ ...before, axis: next }));
  const choose = async (value: string) => {
    const [kind = '', column = ''] = value.split(/:(.*)/s);
    if (kind === 'periods' || kind === 'recorded') set({ kind });
    else if (kind === 'numbers') set({ kind, column });
    else set({ kind: 'words', column, order: await ask({ sourceId, column }).unwrap() });
  };
  return (
    <>
      <SelectField
        label="Along the axis"
        value={'column' in axis ? `${axis.kind}:${axis.column}` : axis.kind}
        onChange={(value) => void choose(value)}
        options={[
          { value: 'periods', label: 'periods of time' },
          { value: 'recorded', label: 'dates as they were recorded' },
          ...columns.flatMap(({ name, kind }) => {
            if (kind === 'date') return [];
            const of = kind === 'number' ? 'numbers' : 'words';
            return [{ value: `${of}:${name}`, label: `${name}, its ${of}` }];
          }),
        ]}
      />
      {axis.kind === 'words' && (
        <OrderField order={axis.order} onChange={(order) => set({ ...axis, order })} />
      )}
    </>
  );
}
