import { countPeriods } from '../../../core/labels';
import { Checkbox, Input } from 'antd';
import {
  type Colour,
  type Dash,
  dashes,
  type LabelPlace,
  labelPlaces,
  plainLook,
  type StyledYardstick,
  type YardstickLook,
} from '../../../core/chart';
import { Phrase, SelectField } from '../../controls';
import { StrokeSample } from '../../look';
import { ColourField } from '../fields';

const placeWords: Record<LabelPlace, string> = {
  end: 'beside the picture',
  inside: 'within the picture',
  none: 'nowhere',
};

const widths = [0.8, 1.2, 1.6, 2, 3, 4];

interface LookPhraseProps {
  yardstick: StyledYardstick;
  onChange: (yardstick: StyledYardstick) => void;
}

/** How a yardstick is drawn, and what is written at it where. */
export function LookPhrase({ yardstick, onChange }: LookPhraseProps) {
  const look = yardstick.look ?? plainLook;
  const set = (more: Partial<YardstickLook>) =>
    onChange({ ...yardstick, look: { ...look, ...more } });
  const label = (more: Partial<YardstickLook['label']>) =>
    set({ label: { ...look.label, ...more } });
  return (
    <>
      Drawn{' '}
      <Phrase words={sayLook(look)} label="Look">
        <ColourField value={look.colour} onChange={(colour: Colour) => set({ colour })} />
        <SelectField<Dash>
          label="Dash"
          value={look.dash}
          onChange={(dash) => set({ dash })}
          options={dashes.map((dash) => ({
            value: dash,
            label: <StrokeSample stroke={{ colour: look.colour ?? 'ink', dash, width: 2 }} />,
          }))}
        />
        <SelectField
          label="Width"
          value={look.width}
          onChange={(width) => set({ width })}
          options={widths.map((width) => ({ value: width, label: countPeriods(width, 'pixel') }))}
        />
        <Checkbox checked={look.front} onChange={({ target }) => set({ front: target.checked })}>
          In front of the lines
        </Checkbox>
      </Phrase>
      , labelled{' '}
      <Phrase words={placeWords[look.label.at]} label="Label">
        <SelectField
          label="Stands"
          value={look.label.at}
          onChange={(at) => label({ at })}
          options={labelPlaces.map((at) => ({ value: at, label: placeWords[at] }))}
        />
        <label className="field">
          <span>
            Words, with {'{name}'}, {'{value}'} and {'{date}'}
          </span>
          <Input
            aria-label="Words of the label"
            value={look.label.text}
            maxLength={160}
            onChange={({ target }) => label({ text: target.value })}
          />
        </label>
      </Phrase>
      .
    </>
  );
}

function sayLook({ colour, dash, width, front }: YardstickLook): string {
  return [
    colour ?? 'in its own colour',
    dash === 'solid' ? 'solid' : 'dashed',
    width > 1.6 ? 'wide' : '',
    front ? 'in front of the lines' : 'behind the lines',
  ]
    .filter(Boolean)
    .join(', ');
}
