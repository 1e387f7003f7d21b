import { type Sayable, type Spoken, unsaid } from '../../core/sentences';
import { useAbout } from './about';
import { Offered } from './Offered';

interface SayMoreProps<Definition extends object> {
  sentence: Spoken<Definition>;
  definition: Definition;
  /** what is said more of */
  label: string;
  /** nothing stands before it */
  first?: boolean;
  /** what cannot be said here, by its path */
  not?: (path: string) => boolean;
  onSay: (said: Sayable) => void;
}

/** The quiet handle at the end of a sentence: what else can be said, each in the words that would say it. */
export function SayMore<Definition extends object>(props: SayMoreProps<Definition>) {
  const { sentence, definition, label, first, not, onSay } = props;
  const about = useAbout();
  if (sentence.options.length === 0) return null;
  const sayable = () =>
    unsaid(sentence, definition, about).filter(
      ({ path }) => !not?.(path.join('.')) && !about.idle(definition, path.join('.')),
    );
  return (
    <Offered
      label={`Say more: ${label}`}
      words={first ? 'say …' : 'and …'}
      offers={() => sayable().map((said) => ({ label: said.words, take: () => onSay(said) }))}
    />
  );
}
