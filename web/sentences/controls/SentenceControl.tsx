import { phrasesOf } from '../../../core/sentences';
import { ColumnsOf, useAbout } from '../about';
import { SayMore } from '../SayMore';
import { SettingField } from '../SettingField';
import type { ControlProps } from './control';
import { Act } from '../../controls';

/** A sentence within another: its settings one under the other, and what else it can say. */
export function SentenceControl({ setting, label, value, onChange }: ControlProps<'sentence'>) {
  const { names } = useAbout();
  const { sentence } = setting;
  const definition = value as object;
  const put = (path: readonly string[], next: unknown) =>
    onChange(sentence.put(definition, path, next, names));
  const { phrases } = phrasesOf(sentence, definition, names);
  return (
    <ColumnsOf of={definition}>
      {phrases.map(({ path, label: own, entry, value: each, plain }) => (
        <div key={path.join('.')} className="fields said">
          <SettingField
            {...{ entry, value: each }}
            label={own}
            onChange={(next) => put(path, next)}
          />
          {plain && (
            <Act onClick={() => put(path, plain.value)}>
              Leave out “{entry.print(each, names).trim()}”
            </Act>
          )}
        </div>
      ))}
      <SayMore
        {...{ sentence, definition, label }}
        onSay={({ path, value: next }) => put(path, next)}
      />
    </ColumnsOf>
  );
}
