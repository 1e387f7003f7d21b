import { type ChartDefinition } from '../../core/chart';
import { namesFor, type Reading } from '../../core/reading';
import { pickKind } from '../../core/standouts';
import { AddTo } from './AddTo';
import { ListRow, ListSection } from './ListRow';
import { StandoutSample } from './samples';
import { StandoutSentence } from './conditions/StandoutSentence';
import { useSuggested } from './useSuggested';

interface PartProps {
  chart: ChartDefinition;
  reading: Reading | null;
}

const capital = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);

/** The standouts of a chart, with the points they picked. */
export function StandoutRows({ chart, reading }: PartProps) {
  const offers = useSuggested(chart, 'standout');
  return (
    <ListSection
      title="Standouts"
      add={<AddTo list="Standouts" offers={offers} />}
      empty="None yet: the highest, the lowest, the last."
    >
      {chart.standouts.map((standout) => {
        const found = (reading?.panels ?? [])
          .flatMap(({ standouts }) => standouts)
          .filter(({ by }) => by.some(({ id }) => id === standout.id));
        const series = chart.series.find(({ id }) => id === standout.series);
        // Words and figures are never unfinished.
        const ofPeriods = reading?.axis !== 'words' && reading?.axis !== 'numbers';
        const where = found
          .map(({ period }) => reading?.positions[period]?.label)
          .slice(0, 3)
          .join(', ');
        const name = `${capital(pickKind(standout.pick).say(standout.pick, namesFor(chart, standout.series)))} of ${series?.name ?? 'a series that is gone'}`;
        return (
          <ListRow
            key={standout.id}
            sample={<StandoutSample pick={standout.pick.kind} colour={standout.colour} />}
            name={name}
            found={
              found.length === 0
                ? 'catches no figure'
                : `${where}${found.length > 3 ? ` and ${found.length - 3} more` : ''}${ofPeriods ? ', of the finished periods' : ''}`
            }
            figure={found[0]?.label ?? ''}
          >
            <StandoutSentence {...{ standout, name }} />
          </ListRow>
        );
      })}
    </ListSection>
  );
}
