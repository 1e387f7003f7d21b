import { countPeriods } from '../../../core/labels';
import { Input } from 'antd';
import {
  type ChartDefinition,
  type ColourRuleDefinition,
  type Dash,
  dashes,
  ruleEffects,
} from '../../../core/chart';
import { sayCondition } from '../../../core/conditions';
import { figuresCaught, linesOf, namesFor, type Reading } from '../../../core/reading';
import { Phrase, SelectField } from '../../controls';
import { StrokeSample } from '../../look';
import { ColourField } from '../fields';
import { Remove, usePart } from '../usePart';
import { ConditionFields } from './ConditionFields';

const effectWords: Record<ColourRuleDefinition['effect'], string> = {
  line: 'along the line',
  points: 'at its points alone',
  fill: 'on the fill between the line and its mark',
};

interface RuleSentenceProps {
  chart: ChartDefinition;
  rule: ColourRuleDefinition;
  reading: Reading | null;
}

/** A colour rule as a sentence, and the figures that it catches. */
export function RuleSentence({ chart, rule, reading }: RuleSentenceProps) {
  const { set, move, remove } = usePart('colourRules', rule.id);
  const place = chart.colourRules.indexOf(rule);
  const series = chart.series.find(({ id }) => id === rule.series);
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
        Where{' '}
        <Phrase words={series?.name ?? 'a series that is gone'} label="Rule of">
          <SelectField
            label="Series"
            name="Rule of"
            value={rule.series}
            onChange={(of) => set({ ...rule, series: of })}
            options={chart.series.map(({ id, name }) => ({ value: id, label: name }))}
          />
        </Phrase>{' '}
        is{' '}
        <Phrase
          words={sayCondition(rule.condition, namesFor(chart, rule.series))}
          label="Condition"
        >
          <ConditionFields
            {...{ chart, series: rule.series, condition: rule.condition }}
            onChange={(condition) => set({ ...rule, condition })}
          />
        </Phrase>
        , it is drawn{' '}
        <Phrase words={sayLook(rule)} label="Look">
          <LookFields rule={rule} onChange={set} />
        </Phrase>{' '}
        <Phrase words={effectWords[rule.effect]} label="Where">
          <SelectField
            label="It is seen"
            value={rule.effect}
            onChange={(effect) => set({ ...rule, effect })}
            options={ruleEffects.map((value) => ({ value, label: effectWords[value] }))}
          />
        </Phrase>
        .
      </p>
      <label className="field">
        <span>Called in the legend</span>
        <Input
          value={rule.name}
          aria-label="Called in the legend"
          placeholder="as its condition says"
          maxLength={120}
          onChange={({ target }) => set({ ...rule, name: target.value })}
        />
      </label>
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

const sayLook = ({ colour, dash, width }: ColourRuleDefinition) =>
  [`in ${colour}`, dash, width && `${width} pixels wide`].filter(Boolean).join(', ');

const widths = [1, 1.6, 2.4, 3, 4, 6];

interface LookFieldsProps {
  rule: ColourRuleDefinition;
  onChange: (rule: ColourRuleDefinition) => void;
}

/** What a sentence cannot say well: a colour, a dash, a width. */
function LookFields({ rule, onChange }: LookFieldsProps) {
  return (
    <>
      <ColourField value={rule.colour} onChange={(colour) => onChange({ ...rule, colour })} />
      <SelectField<Dash | ''>
        label="Dash"
        value={rule.dash ?? ''}
        onChange={(dash) => onChange({ ...rule, dash: dash || null })}
        options={[
          { value: '', label: 'the line’s own' },
          ...dashes.map((dash) => ({
            value: dash,
            label: <StrokeSample stroke={{ colour: rule.colour, dash, width: 2 }} />,
          })),
        ]}
      />
      <SelectField
        label="Width"
        value={rule.width ?? 0}
        onChange={(width) => onChange({ ...rule, width: width || null })}
        options={[
          { value: 0, label: 'the line’s own' },
          ...widths.map((width) => ({ value: width, label: countPeriods(width, 'pixel') })),
        ]}
      />
    </>
  );
}
