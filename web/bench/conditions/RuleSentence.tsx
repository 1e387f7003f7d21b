import type { ChartDefinition, ColourRuleDefinition } from '../../../core/chart';
import { conditionEntry } from '../../../core/conditions';
import { figuresCaught, linesOf, type Reading } from '../../../core/reading';
import type { Entry } from '../../../core/sentences';
import { ruleLine } from '../../../core/text';
import { SaidPhrases, SettingField, Speaking } from '../../sentences';
import { useOthers } from '../useOthers';
import { Remove, usePart } from '../usePart';
import { Act } from '../../controls';

interface RuleSentenceProps {
  chart: ChartDefinition;
  rule: ColourRuleDefinition;
  reading: Reading | null;
  /** what it is called in the list */
  name: string;
}

/** A colour rule as a sentence, and the figures that it catches. */
export function RuleSentence({ chart, rule, reading, name }: RuleSentenceProps) {
  const { set, move, remove } = usePart('colourRules', rule.id);
  const besides = useOthers(rule.series);
  const place = chart.colourRules.indexOf(rule);
  const lines = reading ? linesOf(reading) : [];
  const caught = reading
    ? figuresCaught(reading, rule.id).map(({ series: of, period }) => {
        const label = reading.positions[period]?.label ?? '';
        const line = lines.find(({ id }) => id === of);
        return line?.split ? `${line.name} ${label}` : label;
      })
    : [];
  return (
    <>
      <p className="row-sentence">
        <SaidPhrases
          said={ruleLine}
          definition={rule}
          name={name}
          own={{
            condition: (label) => (
              <Speaking about={besides}>
                <SettingField
                  entry={conditionEntry as Entry<unknown>}
                  label={label}
                  value={rule.condition}
                  onChange={(next) =>
                    set({ ...rule, condition: next as ColourRuleDefinition['condition'] })
                  }
                />
              </Speaking>
            ),
          }}
          onChange={set}
        />
      </p>
      <p className="small quiet caught">
        {caught.length > 0 ? caught.join(', ') : 'No figure is caught.'}
      </p>
      <div className="row">
        <Act aria-label={`Earlier: ${name}`} disabled={place === 0} onClick={() => move(-1)}>
          Earlier
        </Act>
        <Act
          aria-label={`Later: ${name}`}
          disabled={place === chart.colourRules.length - 1}
          onClick={() => move(1)}
        >
          Later
        </Act>
        <Remove name={name} onRemove={remove} />
      </div>
    </>
  );
}
