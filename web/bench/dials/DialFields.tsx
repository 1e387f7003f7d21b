import { Select } from 'antd';
import type { ReactNode } from 'react';
import {
  type ChoiceDial,
  type DateDial,
  type DialDefinition,
  mostChoices,
  type NumberDial,
} from '../../../core/dials';
import { DateField, NumberField, SelectField } from '../../controls';

interface Fields<Dial> {
  dial: Dial;
  onChange: (dial: Dial) => void;
}

function NumberDialFields({ dial, onChange }: Fields<NumberDial>) {
  return (['value', 'from', 'to', 'step'] as const).map((part) => (
    <NumberField
      key={part}
      label={{ value: 'Stands at', from: 'Turns from', to: 'to', step: 'in steps of' }[part]}
      value={dial[part]}
      onChange={(number) => onChange({ ...dial, [part]: number })}
    />
  ));
}

function DateDialFields({ dial, onChange }: Fields<DateDial>) {
  return (
    <DateField
      label="Stands at"
      value={dial.value}
      onChange={(value) => onChange({ ...dial, value })}
    />
  );
}

const sayChoice = (choice: string) => choice || 'all';

function ChoiceDialFields({ dial, onChange }: Fields<ChoiceDial>) {
  return (
    <>
      <SelectField
        label="Stands at"
        value={dial.value}
        onChange={(value) => onChange({ ...dial, value })}
        options={dial.choices.map((choice) => ({ value: choice, label: sayChoice(choice) }))}
      />
      <label className="field">
        <span>Readers choose among</span>
        <Select
          mode="tags"
          aria-label="Readers choose among"
          value={dial.choices.map(sayChoice)}
          onChange={(said: string[]) => {
            const choices = said
              .map((choice) => (choice === sayChoice('') ? '' : choice))
              .slice(0, mostChoices);
            const [first] = choices;
            if (first === undefined) return;
            onChange({
              ...dial,
              choices,
              value: choices.includes(dial.value) ? dial.value : first,
            });
          }}
          options={[{ value: sayChoice('') }]}
        />
      </label>
    </>
  );
}

const kinds = {
  number: NumberDialFields,
  date: DateDialFields,
  choice: ChoiceDialFields,
} as unknown as Record<DialDefinition['kind'], (fields: Fields<DialDefinition>) => ReactNode>;

/** Where a dial stands, and where it may be turned to. */
export function DialFields({ dial, onChange }: Fields<DialDefinition>) {
  const Kind = kinds[dial.kind];
  return <Kind dial={dial} onChange={onChange} />;
}
