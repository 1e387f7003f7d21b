import { Radio } from 'antd';
import { type Colour, type Dash, isColour } from '../../../core/chart';
import { FreeColour, SelectField } from '../../controls';
import { StrokeSample } from '../../look';
import type { ControlProps } from './control';

/** So few choices stand beside each other. */
const fewChoices = 6;

/** What a choice is drawn as, beside its words. */
const drawnAs = {
  colour: (value: unknown) => ({ colour: value as Colour, dash: 'solid' as const, width: 3 }),
  dash: (value: unknown) => ({ colour: 'ink' as const, dash: value as Dash, width: 2 }),
};

/** One of few, by its words; a colour or a dash by its stroke beside them. */
export function ChoiceControl({ setting, label, value, onChange }: ControlProps<'choice'>) {
  const { choices, drawn } = setting;
  const options = choices.map(([, words], place) => ({
    value: place,
    label: drawn ? (
      <span className="row">
        <StrokeSample stroke={drawnAs[drawn](choices[place]?.[0])} /> {words}
      </span>
    ) : (
      words
    ),
  }));
  const place = choices.findIndex(([each]) => each === value);
  const choose = (next: number) => onChange(choices[next]?.[0]);
  if (choices.length < 2) return null;
  if (drawn || choices.length > fewChoices)
    return (
      <>
        <SelectField
          label={label}
          value={place < 0 ? null : place}
          placeholder={isColour(value) ? value : undefined}
          onChange={choose}
          options={options}
        />
        {drawn === 'colour' && <FreeColour label="any other" {...{ value, onChange }} />}
      </>
    );
  return (
    <Radio.Group
      aria-label={label}
      value={place}
      onChange={(event) => choose(Number(event.target.value))}
      options={options}
      vertical
    />
  );
}
