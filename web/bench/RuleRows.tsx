import { type ChartDefinition } from '../../core/chart';
import { linesOf, type Reading } from '../../core/reading';
import { StrokeSample } from '../look';
import { AddTo } from './AddTo';
import { ListRow, ListSection } from './ListRow';
import { useSuggested } from './useSuggested';
import { RuleSentence } from './conditions/RuleSentence';

interface PartProps {
  chart: ChartDefinition;
  reading: Reading | null;
}

/** The colour rules of a chart, with how many figures each has caught. */
export function RuleRows({ chart, reading }: PartProps) {
  const offers = useSuggested(chart, 'colourRule');
  const strokeOf = (series: string) =>
    (reading ? linesOf(reading) : []).find(({ seriesId }) => seriesId === series)?.stroke.colour ??
    'ink';
  return (
    <ListSection
      title="Colour rules"
      add={<AddTo list="Colour rules" offers={offers} />}
      empty="Hold a series against a mark, and its colours follow; or add one for any value."
    >
      {chart.colourRules.map((rule, place) => {
        const found = reading?.rules.find(({ id }) => id === rule.id);
        const name = found?.name ?? `Rule ${place + 1}`;
        return (
          <ListRow
            key={rule.id}
            sample={
              <StrokeSample
                stroke={{
                  colour: rule.colour ?? strokeOf(rule.series),
                  dash: rule.dash ?? found?.cue.dash ?? 'solid',
                  width: rule.width ?? (found?.cue.heavier ? 3 : 2),
                }}
              />
            }
            name={name}
            found={
              found?.warning ? (
                <span className="off">{found.warning}</span>
              ) : (
                `${found?.caught ?? 0} of ${found?.judged ?? 0} figures`
              )
            }
            figure={found?.caught ?? ''}
          >
            <RuleSentence {...{ chart, rule, reading, name }} />
          </ListRow>
        );
      })}
    </ListSection>
  );
}
