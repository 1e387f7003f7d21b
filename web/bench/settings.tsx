import { Radio } from 'antd';
import type { ChartDefinition, ColourRuleDefinition, StandoutDefinition } from '../../core/chart';
import { figuresCaught, type Reading } from '../../core/reading';
import { standoutPicks } from '../../core/standouts';
import { SelectField } from '../controls';
import { ColourField } from './fields';
import { Remove, usePart } from './usePart';

/** The settings of a colour rule, and the figures it catches. */
export function RuleSettings({
  chart,
  rule,
  reading,
}: {
  chart: ChartDefinition;
  rule: ColourRuleDefinition;
  reading: Reading | null;
}) {
  const { set, move, remove } = usePart('colourRules', rule.id);
  const place = chart.colourRules.indexOf(rule);
  const caught = reading
    ? figuresCaught(reading, rule.id).map(({ period }) => reading.positions[period]?.label)
    : [];
  return (
    <>
      <div className="field">
        <span>Catches figures</span>
        <Radio.Group
          value={rule.when}
          aria-label="Catches figures"
          onChange={(event) =>
            set({ ...rule, when: event.target.value as ColourRuleDefinition['when'] })
          }
          options={[
            { value: 'offMark', label: 'off the mark' },
            { value: 'onMark', label: 'on the mark' },
          ]}
        />
      </div>
      <ColourField value={rule.colour} onChange={(colour) => set({ ...rule, colour })} />
      <p className="small quiet caught">
        {caught.length > 0 ? caught.join(', ') : 'No figure is caught.'}
      </p>
      <div className="row">
        <button type="button" className="act" disabled={place === 0} onClick={() => move(-1)}>
          Earlier
        </button>
        <button
          type="button"
          className="act"
          disabled={place === chart.colourRules.length - 1}
          onClick={() => move(1)}
        >
          Later
        </button>
        <Remove name="the rule" onRemove={remove} />
      </div>
    </>
  );
}

/** The settings of a standout. */
export function StandoutSettings({
  chart,
  standout,
}: {
  chart: ChartDefinition;
  standout: StandoutDefinition;
}) {
  const { set, remove } = usePart('standouts', standout.id);
  return (
    <>
      <Radio.Group
        value={standout.pick}
        aria-label="Picks out"
        onChange={(event) =>
          set({ ...standout, pick: event.target.value as StandoutDefinition['pick'] })
        }
        options={Object.entries(standoutPicks).map(([value, { words }]) => ({
          value,
          label: `the ${words}`,
        }))}
      />
      <SelectField
        label="of"
        name="Standout of"
        value={standout.series}
        onChange={(series) => set({ ...standout, series })}
        options={chart.series.map(({ id, name }) => ({ value: id, label: name }))}
      />
      <Remove name="the standout" onRemove={remove} />
    </>
  );
}
