import { OptionalDateField, SelectField } from '../../controls';

/** A setting of a kind: its values with their words, or a date that is written. */
interface Setting<Definition> {
  name: keyof Definition & string;
  label: string;
  choices: readonly { value: string | number | boolean; words: string }[] | null;
  when?: (definition: Definition) => boolean;
}

interface KindFieldsProps<Definition> {
  definition: Definition;
  settings: readonly Setting<Definition>[];
  onChange: (definition: Definition) => void;
}

/** The settings of one of several kinds, as its core file names them. */
export function KindFields<Definition extends object>({
  definition,
  settings,
  onChange,
}: KindFieldsProps<Definition>) {
  return settings
    .filter(({ when }) => when?.(definition) ?? true)
    .map(({ name, label, choices }) => {
      const value = definition[name as keyof Definition];
      const set = (next: unknown) => onChange({ ...definition, [name]: next });
      return choices ? (
        <SelectField
          key={name}
          label={label}
          value={JSON.stringify(value)}
          onChange={(text) => set(JSON.parse(text))}
          options={choices.map((choice) => ({
            value: JSON.stringify(choice.value),
            label: choice.words,
          }))}
        />
      ) : (
        <OptionalDateField
          key={name}
          label={label}
          value={typeof value === 'string' ? value : null}
          onChange={set}
        />
      );
    });
}
