import type { Entry } from '../../core/sentences';
import { ColumnsOf, useAbout } from './about';
import { SayMore } from './SayMore';
import { sentenceOf } from './sentenceOf';

interface MoreOfProps<Definition extends object> {
  said: Entry<Definition>;
  definition: Definition;
  /** what it is called */
  name: string;
  words: string;
  /** what cannot be said here, by its path */
  not?: (path: string) => boolean;
  onChange: (definition: Definition) => void;
}

/** What else can be said of a thing whose sentence stands elsewhere. */
export function MoreOf<Definition extends object>(props: MoreOfProps<Definition>) {
  const { said, definition, name, words, not, onChange } = props;
  const { names } = useAbout();
  const sentence = sentenceOf(said as Entry<unknown>, definition);
  if (!sentence) return null;
  return (
    <span>
      {words}{' '}
      <ColumnsOf of={definition}>
        <SayMore
          {...{ sentence, definition, not }}
          label={name}
          onSay={({ path, value }) =>
            onChange(sentence.put(definition, path, value, names) as Definition)
          }
        />
      </ColumnsOf>
    </span>
  );
}
