import { type ReactNode, useState } from 'react';
import {
  alternatives,
  type Entry,
  type Phrase as SaidPhrase,
  phrasesOf,
} from '../../core/sentences';
import { Act, Phrase } from '../controls';
import { ColumnsOf, useAbout } from './about';
import { WaysControl } from './controls/WaysControl';
import { SayMore } from './SayMore';
import { sentenceOf } from './sentenceOf';
import { SettingField } from './SettingField';

interface SaidPhrasesProps<Definition extends object> {
  /** what says it */
  said: Entry<Definition>;
  definition: Definition;
  /** what it is called */
  name: string;
  /** what is set otherwise than by its entry, by its path */
  own?: Readonly<Record<string, (label: string) => ReactNode>>;
  /** what cannot be said here, by its path */
  not?: (path: string) => boolean;
  /** what else it can say is offered elsewhere */
  quiet?: boolean;
  /** these options alone, by their paths: the rest of the sentence stands elsewhere */
  only?: readonly string[];
  onChange: (definition: Definition) => void;
}

/** A thing as its sentence, whose phrases are its settings; what it does not say stands behind "and …". */
export function SaidPhrases<Definition extends object>(props: SaidPhrasesProps<Definition>) {
  const { said, definition, name, own = {}, not, quiet, only, onChange } = props;
  const { names } = useAbout();
  // What has just been said opens its setting.
  const [fresh, setFresh] = useState('');
  const setting = said.setting();
  const sentence = sentenceOf(said as Entry<unknown>, definition);
  if (!sentence) return null;
  const { phrases, tail } = phrasesOf(sentence, definition, names);
  const put = (path: readonly string[], value: unknown) =>
    onChange(sentence.put(definition, path, value, names) as Definition);
  const ofKind = alternatives(setting).filter(({ entry }) => isOfKind(entry, definition));
  const slots = phrases.filter(({ plain }) => !plain);
  const options = phrases.filter(({ path, plain }) => plain && !not?.(path.join('.')));
  const isFirst = slots.length === 0 && tail === '';
  const begin = slots[0]?.lead ?? tail;
  const lead =
    ofKind.length > 1 && begin.trim() !== '' ? (
      <>
        <Phrase words={begin.trim()} label={`${name} is`}>
          <WaysControl
            setting={{ control: 'ways', ways: ofKind }}
            label={`${name} is`}
            value={definition}
            onChange={(next) => onChange(next as Definition)}
          />
        </Phrase>{' '}
      </>
    ) : (
      begin
    );
  const drawn = (phrase: SaidPhrase, leading: ReactNode) => {
    const path = phrase.path.join('.');
    return (
      <span key={path}>
        {leading}
        <Phrase words={phrase.words || '…'} label={phrase.label} opened={fresh === path}>
          {own[path]?.(phrase.label) ?? (
            <SettingField {...phrase} onChange={(value) => put(phrase.path, value)} />
          )}
          {phrase.plain && (
            <Act onClick={() => put(phrase.path, phrase.plain?.value)}>Leave it out</Act>
          )}
        </Phrase>
      </span>
    );
  };
  if (only)
    return (
      <ColumnsOf of={definition}>
        {options
          .filter(({ path }) => only.includes(path.join('.')))
          .map((phrase) => drawn(phrase, ', '))}
      </ColumnsOf>
    );
  return (
    <ColumnsOf of={definition}>
      {slots.map((phrase, place) => drawn(phrase, place === 0 ? lead : phrase.lead))}
      {slots.length === 0 ? lead : tail}
      {options.map((phrase, place) => drawn(phrase, isFirst && place === 0 ? '' : phrase.lead))}
      {!quiet && ' '}
      {!quiet && (
        <SayMore
          {...{ sentence, definition, not }}
          label={name}
          first={isFirst && options.length === 0}
          onSay={({ path, value }) => {
            setFresh(path.join('.'));
            put(path, value);
          }}
        />
      )}
    </ColumnsOf>
  );
}

/** Whether one way of saying something says a thing of the same kind. */
function isOfKind(entry: Entry<unknown>, definition: object): boolean {
  const kind = (definition as { kind?: unknown }).kind;
  return sentenceOf(entry)?.given.kind === kind;
}
