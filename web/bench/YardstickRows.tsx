import type { ChartDefinition } from '../../core/chart';
import { writeDay, writeFigure } from '../../core/labels';
import type { Reading } from '../../core/reading';
import { drawnAs, type Yardstick, type YardstickDefinition } from '../../core/yardsticks';
import { AddTo } from './AddTo';
import { ListRow, ListSection } from './ListRow';
import { BandSample, LevelSample, DateSample } from './samples';
import { useSuggested } from './useSuggested';
import { YardstickSettings } from './yardsticks/YardstickSettings';

interface PartProps {
  chart: ChartDefinition;
  reading: Reading | null;
}

const samples = { level: LevelSample, band: BandSample, dates: DateSample };

/** The yardsticks of a chart, with the values they found. */
export function YardstickRows({ chart, reading }: PartProps) {
  const offers = useSuggested(chart, 'yardstickAlone');
  return (
    <ListSection
      title="Yardsticks"
      add={<AddTo list="Yardsticks" offers={offers} />}
      empty="None yet: a level, a mean, a band, today."
    >
      {chart.yardsticks.map((yardstick) => {
        const found = reading?.panels[0]?.yardsticks.find(({ id }) => id === yardstick.id);
        const Sample = samples[drawnAs(yardstick)];
        return (
          <ListRow
            key={yardstick.id}
            sample={<Sample colour={yardstick.look?.colour ?? null} />}
            name={'name' in yardstick ? yardstick.name : 'Today'}
            found={sayFound(yardstick, found)}
            figure={found && reading ? sayFigure(found, reading) : ''}
          >
            <YardstickSettings chart={chart} yardstick={yardstick} />
          </ListRow>
        );
      })}
    </ListSection>
  );
}

/** Over what it was found, or where it stands. */
function sayFound(yardstick: YardstickDefinition, found: Yardstick | undefined): string {
  if (drawnAs(yardstick) === 'dates')
    return found && found.days.length + found.stretches.length > 0
      ? found.place === undefined
        ? 'on the calendar shown'
        : `at ${found.place}`
      : 'outside of what is shown';
  const within = found?.within;
  const counted = within === null || within === undefined ? '' : `, ${within} figures within`;
  return `${found?.scope || 'as written'}${counted}`;
}

/** The value it found, the ends of its band, or its day. */
function sayFigure(
  { value, bands, days, stretches, second, filledBetween, place }: Yardstick,
  { format: first, secondFormat }: Reading,
): string {
  const format = second ? secondFormat : first;
  if (value !== null) return writeFigure(value, format);
  const [lowest, highest] = [bands[0], bands.at(-1)];
  if (lowest && highest)
    return `${writeFigure(lowest.from, format)} to ${writeFigure(highest.to, format)}`;
  if (filledBetween || place !== undefined) return '';
  if (days.length > 1) return `${days.length} dates`;
  const day = days[0] ?? stretches[0]?.from;
  return day === undefined ? 'no value' : writeDay(day);
}
