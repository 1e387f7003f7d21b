import { type AxisDefinition, axisKind, isOfPeriods } from '../../../core/axis';
import { Checkbox, Radio } from 'antd';
import { type Grain, grains } from '../../../core/calendar';
import { type ChartDefinition, type SeriesDefinition } from '../../../core/chart';
import { monthNames } from '../../../core/labels';
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
  const change = useChange();
  const { axis } = chart;
  return (
    <Phrase words={sayAxis(chart)} label="Period">
      <AxisFields {...{ chart, main }} />
      {isOfPeriods(axis) && <Grains chart={chart} />}
      {isOfPeriods(axis) && <ReaderGrains chart={chart} />}
      {!('column' in axis) && (
        <SelectField
          label="Years begin in"
          value={chart.yearStart}
          onChange={(yearStart) => change((before) => ({ ...before, yearStart }))}
          options={monthNames.map((label, place) => ({ value: place + 1, label }))}
        />
      )}
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

/** The other periods that readers may see the chart by. */
function ReaderGrains({ chart: { grain, readerGrains = [] } }: Pick<GrainPhraseProps, 'chart'>) {
  const change = useChange();
  return (
    <div role="group" aria-label="Other periods for readers">
      <span className="small quiet">Readers may see it</span>
      <Checkbox.Group
        value={readerGrains.filter((each) => each !== grain)}
        onChange={(chosen: Grain[]) =>
          change(({ readerGrains: _before, ...before }) =>
            chosen.length > 0 ? { ...before, readerGrains: chosen } : before,
          )
        }
        options={grains
          .filter((each) => each !== grain)
          .map((each) => ({ value: each, label: `by ${each} too` }))}
      />
    </div>
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
