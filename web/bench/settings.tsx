import { Checkbox, InputNumber, Radio } from 'antd';
import { useDispatch } from 'react-redux';
import type {
  ChartDefinition,
  ColourRuleDefinition,
  StandoutDefinition,
  YardstickDefinition,
} from '../../core/chart';
import { figuresCaught, type Reading } from '../../core/reading';
import { standoutPicks } from '../../core/standouts';
import { SelectField } from '../controls';
import { toastUndo } from '../look';
import { benchActions } from './benchSlice';
import { ColourField, NameField } from './fields';
import { useChange } from './useBench';

type Part = 'yardsticks' | 'colourRules' | 'standouts';

/** Changes or removes one part of the chart. */
function usePart<K extends Part>(part: K, id: string) {
  const change = useChange();
  const dispatch = useDispatch();
  type Item = ChartDefinition[K][number];
  const put = (next: (items: Item[]) => Item[]) =>
    change((before) => ({ ...before, [part]: next(before[part] as Item[]) }));
  return {
    set: (item: Item) => put((items) => items.map((each) => (each.id === id ? item : each))),
    move: (by: -1 | 1) =>
      put((items) => {
        const from = items.findIndex((each) => each.id === id);
        const moved = [...items];
        moved.splice(from + by, 0, ...moved.splice(from, 1));
        return moved;
      }),
    remove: (name: string) => {
      put((items) => items.filter((each) => each.id !== id));
      toastUndo(`${name} removed.`, () => dispatch(benchActions.undone()));
    },
  };
}

function Remove({ name, onRemove }: { name: string; onRemove: (name: string) => void }) {
  return (
    <button type="button" className="act" onClick={() => onRemove(name)}>
      Remove {name}
    </button>
  );
}

/** The settings of a level or of the today line. */
export function YardstickSettings({
  chart,
  yardstick,
}: {
  chart: ChartDefinition;
  yardstick: YardstickDefinition;
}) {
  const { set, remove } = usePart('yardsticks', yardstick.id);
  if (yardstick.kind === 'today')
    return (
      <>
        <label className="field">
          <span>Days after today (before, if negative)</span>
          <InputNumber
            value={yardstick.offsetDays}
            aria-label="Days after today"
            precision={0}
            min={-3660}
            max={3660}
            onChange={(offsetDays) => set({ ...yardstick, offsetDays: offsetDays ?? 0 })}
          />
        </label>
        <Remove name="the today line" onRemove={remove} />
      </>
    );
  const { value } = yardstick;
  const kind = value.kind === 'number' ? 'number' : value.statistic;
  const of = value.kind === 'statistic' ? value.series : (chart.series[0]?.id ?? '');
  const choose = (next: 'number' | 'mean' | 'median') =>
    set({
      ...yardstick,
      value:
        next === 'number'
          ? { kind: 'number', number: 0 }
          : { kind: 'statistic', statistic: next, series: of },
    });
  return (
    <>
      <NameField value={yardstick.name} onChange={(name) => set({ ...yardstick, name })} />
      <div className="field">
        <span>Stands at</span>
        <Radio.Group
          value={kind}
          aria-label="Stands at"
          onChange={(event) => choose(event.target.value as 'number' | 'mean' | 'median')}
          options={[
            { value: 'number', label: 'a number' },
            { value: 'mean', label: 'the mean' },
            { value: 'median', label: 'the median' },
          ]}
        />
      </div>
      {value.kind === 'number' ? (
        <label className="field">
          <span>Number</span>
          <InputNumber
            value={value.number}
            aria-label="Number"
            onChange={(number) =>
              number !== null && set({ ...yardstick, value: { kind: 'number', number } })
            }
          />
        </label>
      ) : (
        <SelectField
          label="of the finished figures shown of"
          name="Statistic of"
          value={of}
          onChange={(series) => set({ ...yardstick, value: { ...value, series } })}
          options={chart.series.map(({ id, name }) => ({ value: id, label: name }))}
        />
      )}
      <Checkbox
        checked={yardstick.onAxis}
        onChange={(event) => set({ ...yardstick, onAxis: event.target.checked })}
      >
        Make room for it on the axis
      </Checkbox>
      <Remove name={yardstick.name} onRemove={remove} />
    </>
  );
}

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
