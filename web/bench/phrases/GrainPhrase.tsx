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
  const { along } = chart;
  return (
    <Phrase words={sayAlong(chart)} label="Period">
      <AlongFields {...{ chart, main }} />
      {isOfPeriods(along) && <Grains chart={chart} />}
      {isOfPeriods(along) && <ReaderGrains chart={chart} />}
      {!('column' in along) && (
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

function sayAlong({ along, grain }: ChartDefinition): string {
  return axisKind(along).phrase(along, grain);
}

/** Dates, or a column of the source; of words, their order. */
function AlongFields({ chart: { along }, main }: GrainPhraseProps) {
  const change = useChange();
  const { data: sources } = api.useSourcesQuery();
  const [ask] = api.useLazyWordsQuery();
  const sourceId = sourceOfFigures(main.figures) ?? 0;
  const columns = sources?.find(({ id }) => id === sourceId)?.columns ?? [];
  const set = (next: AxisDefinition) => change((before) => ({ ...before, along: next }));
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
        value={'column' in along ? `${along.kind}:${along.column}` : along.kind}
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
      {along.kind === 'words' && (
        <OrderField order={along.order} onChange={(order) => set({ ...along, order })} />
      )}
    </>
  );
}
