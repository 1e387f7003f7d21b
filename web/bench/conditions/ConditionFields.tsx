import { Select } from 'antd';
import type { ChartDefinition } from '../../../core/chart';
import {
  type ConditionDefinition,
  conditionKind,
  conditionKinds,
  type ConditionSetting,
} from '../../../core/conditions';
import { type Edge, heldAs } from '../../../core/yardsticks';
import { NumberField, OptionalDateField, SelectField } from '../../controls';
import { EdgeFields } from '../EdgeFields';

interface ConditionFieldsProps {
  chart: ChartDefinition;
  /** the series whose figures are looked at */
  series: string;
  condition: ConditionDefinition;
  onChange: (condition: ConditionDefinition) => void;
  /** conditions within conditions hold no further ones */
  nested?: boolean;
}

/** A condition: its kind, and the settings that the kind names. */
export function ConditionFields(props: ConditionFieldsProps) {
  const { chart, series, condition, onChange, nested = false } = props;
  const kind = conditionKind(condition);
  const about = draftAbout(chart, series);
  return (
    <>
      <SelectField
        label={nested ? 'It' : 'A figure that'}
        value={condition.kind}
        onChange={(next) => onChange(conditionKind({ kind: next }).draft(about))}
        options={conditionKinds
          .filter((each) => !nested || each.kind !== 'several')
          .map((each) => ({ value: each.kind, label: each.name }))}
      />
      {kind.settings.map((setting) => (
        <SettingField
          key={setting.name}
          {...{ chart, series, setting, onChange }}
          definition={condition}
        />
      ))}
      {condition.kind === 'several' && (
        <SeveralFields {...{ chart, series, condition, onChange }} />
      )}
    </>
  );
}

/** What a new condition is made from. */
const draftAbout = (chart: ChartDefinition, series: string) => ({
  level: 0,
  series: chart.series.find(({ id }) => id !== series)?.id ?? series,
  yardstick: chart.yardsticks.find(heldAs)?.id ?? '',
});

type Several = Extract<ConditionDefinition, { kind: 'several' }>;

function SeveralFields({
  chart,
  series,
  condition,
  onChange,
}: Omit<ConditionFieldsProps, 'condition'> & { condition: Several }) {
  const { of } = condition;
  const put = (next: ConditionDefinition[]) => onChange({ ...condition, of: next });
  return (
    <>
      {of.map((each, place) => (
        <div key={place} className="fields nested">
          <ConditionFields
            {...{ chart, series }}
            condition={each}
            onChange={(next) => put(of.map((old, at) => (at === place ? next : old)))}
            nested
          />
          <button
            type="button"
            className="act"
            onClick={() => put(of.filter((_, at) => at !== place))}
          >
            Take this one out
          </button>
        </div>
      ))}
      {of.length < 6 && (
        <button
          type="button"
          className="act"
          onClick={() =>
            put([...of, conditionKind({ kind: 'value' }).draft(draftAbout(chart, series))])
          }
        >
          One more condition
        </button>
      )}
    </>
  );
}

interface SettingFieldProps<Definition> {
  chart: ChartDefinition;
  /** the series whose figures are looked at */
  series: string;
  definition: Definition;
  setting: ConditionSetting<Definition>;
  onChange: (definition: Definition) => void;
}

/** One setting of a condition or a pick, by what may stand in it. */
export function SettingField<Definition extends object>(props: SettingFieldProps<Definition>) {
  const { chart, series, definition, setting, onChange } = props;
  const { name, label } = setting;
  const value: unknown = definition[name];
  const set = (next: unknown) => onChange({ ...definition, [name]: next });
  if (setting.type === 'choice')
    return (
      <SelectField
        label={label}
        value={String(value)}
        onChange={(text) => set(setting.choices.find((each) => String(each.value) === text)?.value)}
        options={setting.choices.map((each) => ({ value: String(each.value), label: each.words }))}
      />
    );
  if (setting.type === 'number')
    return <NumberField label={label} value={Number(value)} onChange={set} />;
  if (setting.type === 'edge')
    return <EdgeFields chart={chart} label={label} edge={value as Edge} onChange={set} />;
  if (setting.type === 'condition')
    return (
      <ConditionFields
        {...{ chart, series }}
        condition={value as ConditionDefinition}
        onChange={set}
      />
    );
  if (setting.type === 'date')
    return (
      <OptionalDateField
        label={label}
        value={value ? String(value) : null}
        placeholder="today"
        onChange={set}
      />
    );
  if (setting.type === 'several') {
    const choices = setting.choices(definition);
    const known = (each: number) => choices.some((choice) => choice.value === each);
    return (
      <label className="field">
        <span>{label}</span>
        <Select
          mode="multiple"
          aria-label={label}
          // What was chosen among other choices is none of these.
          value={(value as number[]).filter(known)}
          onChange={set}
          options={choices.map((each) => ({ value: each.value, label: each.words }))}
        />
      </label>
    );
  }
  const named = setting.type === 'series' ? chart.series : chart.yardsticks;
  return (
    <SelectField
      label={label}
      value={String(value)}
      onChange={set}
      options={named.map((each) => ({
        value: each.id,
        label: 'name' in each ? each.name : 'Today',
      }))}
    />
  );
}
