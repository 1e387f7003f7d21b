import { type ChartDefinition, freshId } from '../../core/chart';
import type { Reading } from '../../core/reading';
import { StrokeSample } from '../look';
import { AddMenu } from './AddMenu';
import { ListRow, ListSection } from './ListRow';
import { RuleSettings } from './settings';
import { useChange } from './useBench';

interface PartProps {
  chart: ChartDefinition;
  reading: Reading | null;
}

/** The colour rules of a chart, with how many figures each has caught. */
export function RuleRows({ chart, reading }: PartProps) {
  const change = useChange();
  const compared = chart.series.filter(({ mark }) => mark);
  const ids = chart.colourRules.map(({ id }) => id);
  const items = compared.flatMap((series) =>
    (['offMark', 'onMark'] as const).map((when) => ({
      label: `${series.name} ${when === 'offMark' ? 'off' : 'on'} its mark`,
      add: () =>
        change((before) => ({
          ...before,
          colourRules: [
            ...before.colourRules,
            {
              id: freshId('rule', ids),
              series: series.id,
              when,
              colour: when === 'offMark' ? 'brick' : 'indigo',
            },
          ],
        })),
    })),
  );
  return (
    <ListSection
      title="Colour rules"
      add={items.length > 0 ? <AddMenu items={items} /> : undefined}
      empty="Hold a series against a mark, and its colours follow."
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
                  dash: 'solid',
                  width: rule.when === 'offMark' ? 3 : 2,
                }}
              />
            }
            name={found?.name ?? 'A rule'}
            found={
              found?.warning ? (
                <span className="off">{found.warning}</span>
              ) : (
                `${found?.caught ?? 0} of ${found?.judged ?? 0} figures, changes at the crossing`
              )
            }
            figure={found?.caught ?? ''}
          >
            <RuleSettings chart={chart} rule={rule} reading={reading} />
          </ListRow>
        );
      })}
    </ListSection>
  );
}
