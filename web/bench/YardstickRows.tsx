import { type ChartDefinition, freshId } from '../../core/chart';
import { countPeriods, writeDay, writeFigure } from '../../core/labels';
import type { Reading } from '../../core/reading';
import { AddMenu } from './AddMenu';
import { ListRow, ListSection } from './ListRow';
import { LevelSample, TodaySample } from './samples';
import { YardstickSettings } from './settings';
import { useChange } from './useBench';

interface PartProps {
  chart: ChartDefinition;
  reading: Reading | null;
}

/** The yardsticks of a chart, with the values they found. */
export function YardstickRows({ chart, reading }: PartProps) {
  const change = useChange();
  const main = chart.series[0];
  const ids = chart.yardsticks.map(({ id }) => id);
  const axis = reading?.panels[0]?.axis;
  const level = axis ? (axis.from + axis.to) / 2 : 0;
  const add = (yardstick: ChartDefinition['yardsticks'][number]) =>
    change((before) => ({ ...before, yardsticks: [...before.yardsticks, yardstick] }));
  const line = (
    name: string,
    value:
      | { kind: 'number'; number: number }
      | { kind: 'statistic'; statistic: 'mean' | 'median'; series: string },
  ) => ({
    label: name,
    add: () => add({ id: freshId('level', ids), kind: 'line', name, value, onAxis: true }),
  });
  const items = [
    line('Level', { kind: 'number', number: Number(level.toPrecision(2)) }),
    ...(main
      ? [
          line('Mean', { kind: 'statistic', statistic: 'mean', series: main.id }),
          line('Median', { kind: 'statistic', statistic: 'median', series: main.id }),
        ]
      : []),
    { label: 'Today', add: () => add({ id: freshId('today', ids), kind: 'today', offsetDays: 0 }) },
  ];
  return (
    <ListSection
      title="Yardsticks"
      add={<AddMenu items={items} />}
      empty="None yet: a level, a mean, today."
    >
      {chart.yardsticks.map((yardstick) => {
        const found = reading?.panels[0]?.yardsticks.find(({ id }) => id === yardstick.id);
        if (yardstick.kind === 'today') {
          const offset = Math.abs(yardstick.offsetDays);
          const side = yardstick.offsetDays < 0 ? 'before' : 'after';
          const shown = found?.kind === 'today' && found.shown;
          return (
            <ListRow
              key={yardstick.id}
              sample={<TodaySample />}
              name="Today"
              found={[
                offset === 0 ? 'no offset' : `${countPeriods(offset, 'day')} ${side}`,
                shown ? '' : 'outside the periods shown',
              ]
                .filter(Boolean)
                .join(', ')}
              figure={found?.kind === 'today' ? writeDay(found.day).replace(/ \d{4}$/, '') : ''}
            >
              <YardstickSettings chart={chart} yardstick={yardstick} />
            </ListRow>
          );
        }
        const value = found?.kind === 'line' ? found.value : null;
        return (
          <ListRow
            key={yardstick.id}
            sample={<LevelSample />}
            name={yardstick.name}
            found={found?.kind === 'line' && found.scope ? found.scope : 'a fixed number'}
            figure={value === null || !reading ? 'no value' : writeFigure(value, reading.format)}
          >
            <YardstickSettings chart={chart} yardstick={yardstick} />
          </ListRow>
        );
      })}
    </ListSection>
  );
}
