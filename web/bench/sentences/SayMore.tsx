import './sentences.css';
import { Select } from 'antd';
import { type Sayable, type Spoken, unsaid } from '../../../core/sentences';
import { useAbout } from './about';

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
  const sayable = unsaid(sentence, definition, about).filter(({ path }) => !not?.(path.join('.')));
  if (sayable.length === 0) return null;
  return (
    <Select<number>
      className="say-more"
      variant="borderless"
      size="small"
      showSearch={{ optionFilterProp: 'label' }}
      popupMatchSelectWidth={false}
      aria-label={`Say more: ${label}`}
      placeholder={first ? 'say …' : 'and …'}
      suffixIcon={null}
      value={null}
      onChange={(place) => {
        const said = sayable[place];
        if (said) onSay(said);
      }}
      options={sayable.map(({ words }, place) => ({ value: place, label: words }))}
    />
  );
}
