import { type ChartDefinition, type ColourRuleDefinition } from '../../core/chart';
import { draftRule, freshId } from '../../core/editing';
import type { Reading } from '../../core/reading';
import { StrokeSample } from '../look';
import { AddMenu } from './AddMenu';
import { ListRow, ListSection } from './ListRow';
import { middleLevel } from './middleLevel';
import { RuleSentence } from './conditions/RuleSentence';
import { useChange } from './useBench';

interface PartProps {
  chart: ChartDefinition;
  reading: Reading | null;
}

/** The colour rules of a chart, with how many figures each has caught. */
export function RuleRows({ chart, reading }: PartProps) {
  const change = useChange();
  const ids = chart.colourRules.map(({ id }) => id);
  const put = (rule: ColourRuleDefinition) =>
    change((before) => ({ ...before, colourRules: [...before.colourRules, rule] }));
  const id = freshId('rule', ids);
  const level = middleLevel(reading);
  const over = { kind: 'value', is: 'over', to: { kind: 'number', number: level } } as const;
  const items = chart.series.flatMap((series) => [
    ...(series.mark
      ? (['off', 'on'] as const).map((is) => ({
          label: `${series.name} ${is} its mark`,
          add: () =>
            put(draftRule(id, series.id, { kind: 'mark', is }, is === 'off' ? 'brick' : 'indigo')),
        }))
      : []),
    {
      label: `${series.name} over a value`,
      add: () => put(draftRule(id, series.id, over, 'plum')),
    },
  ]);
  return (
    <ListSection
      title="Colour rules"
      add={items.length > 0 ? <AddMenu items={items} /> : undefined}
      empty="Hold a series against a mark, and its colours follow; or add one for any value."
    >
      {chart.colourRules.map((rule) => {
        const found = reading?.rules.find(({ id }) => id === rule.id);
        return (
          <ListRow
            key={rule.id}
            sample={
              <StrokeSample
                stroke={{
                  colour: rule.colour,
                  dash: rule.dash ?? found?.cue.dash ?? 'solid',
                  width: rule.width ?? (found?.cue.heavier ? 3 : 2),
                }}
              />
            }
            name={found?.name ?? 'A rule'}
            found={
              found?.warning ? (
                <span className="off">{found.warning}</span>
              ) : (
                `${found?.caught ?? 0} of ${found?.judged ?? 0} figures`
              )
            }
            figure={found?.caught ?? ''}
          >
            <RuleSentence chart={chart} rule={rule} reading={reading} />
          </ListRow>
        );
      })}
    </ListSection>
  );
}
