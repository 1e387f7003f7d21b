import {
  axisColumn,
  type AxisDefinition,
  axisEntry,
  axisKind,
  isOfPeriods,
} from '../../../core/axis';
import { Radio } from 'antd';
import { type Grain, grains } from '../../../core/calendar';
import { type ChartDefinition, type SeriesDefinition } from '../../../core/chart';
import { sourceOfFigures } from '../../../core/origins';
import { api } from '../../api';
import type { Entry } from '../../../core/sentences';
import { Phrase } from '../../controls';
import { ColumnsOf, SettingField } from '../../sentences';
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
  const [ask] = api.useLazyWordsQuery();
  const sourceId = sourceOfFigures(main.figures) ?? 0;
  const set = (next: AxisDefinition) => change((before) => ({ ...before, axis: next }));
  // Words stand in the order that they have in their column.
  const choose = async (next: AxisDefinition) => {
    const column = axisColumn(next)?.column;
    const isAnew = column !== undefined && column !== axisColumn(axis)?.column;
    if (!isAnew || !('order' in next)) return set(next);
    set({ ...next, order: await ask({ sourceId, column }).unwrap() });
  };
  return (
    <ColumnsOf of={main}>
      <SettingField
        entry={axisEntry as Entry<unknown>}
        label="Along the axis"
        value={axis}
        onChange={(next) => void choose(next as AxisDefinition)}
      />
      {'order' in axis && (
        <OrderField order={axis.order} onChange={(order) => set({ ...axis, order })} />
      )}
    </ColumnsOf>
  );
}
