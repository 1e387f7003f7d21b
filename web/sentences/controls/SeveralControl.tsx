import { Select } from 'antd';
import { beginnings } from '../../../core/sentences';
import { useAbout, useWords } from '../about';
import { Offered } from '../Offered';
import { SettingField } from '../SettingField';
import type { ControlProps } from './control';
import { Act } from '../../controls';

/** What a blank word is called among others. */
const blank = 'blank';

/** Several of one thing: out of few, of columns, of words that may be written, or one under the other. */
export function SeveralControl({ setting, label, value, onChange }: ControlProps<'several'>) {
  const { column = [] } = useAbout().names;
  const inner = setting.of.setting();
  const words = useWords(inner.control === 'word');
  const values = value as unknown[];
  if (inner.control === 'choice') {
    const places = inner.choices.map(([each]) => each);
    return (
      <Several
        label={label}
        values={places.flatMap((each, place) => (values.includes(each) ? [place] : []))}
        options={inner.choices.map(([, said], place) => ({ value: place, label: said }))}
        onChange={(next) => onChange([...next].sort((a, b) => a - b).map((at) => places[at]))}
      />
    );
  }
  if (inner.control === 'column') {
    const options = column.map(({ name }) => ({ value: name, label: name }));
    return <Several {...{ label, options, onChange }} values={values.map(String)} />;
  }
  if (inner.control === 'word')
    return (
      <Several
        label={label}
        written
        values={values.map((each) => String(each) || blank)}
        options={[...words.filter(Boolean), blank].map((each) => ({ value: each, label: each }))}
        onChange={(next) => onChange(next.map((each) => (each === blank ? '' : each)))}
      />
    );
  return <Listed {...{ setting, label, onChange }} values={values} />;
}

interface SeveralProps<Value> {
  label: string;
  values: Value[];
  options: { value: Value; label: string }[];
  /** others may be written too */
  written?: boolean;
  onChange: (values: Value[]) => void;
}

function Several<Value extends string | number>(props: SeveralProps<Value>) {
  const { label, values, options, written, onChange } = props;
  const mode = written ? 'tags' : 'multiple';
  return (
    <label className="field">
      <span>{label}</span>
      <Select<Value[]> aria-label={label} value={values} {...{ mode, options, onChange }} />
    </label>
  );
}

interface ListedProps extends Pick<ControlProps<'several'>, 'setting' | 'label' | 'onChange'> {
  values: unknown[];
}

function Listed({ setting, label, values, onChange }: ListedProps) {
  const about = useAbout();
  const put = (place: number, next: unknown) =>
    onChange(values.map((each, at) => (at === place ? next : each)));
  return (
    <>
      {values.map((each, place) => (
        <div
          key={place}
          className="fields nested"
          role="group"
          aria-label={`${label} ${place + 1}`}
        >
          <SettingField
            entry={setting.of}
            label={label}
            value={each}
            onChange={(next) => put(place, next)}
          />
          <Act onClick={() => onChange(values.filter((_, at) => at !== place))}>
            Take this one out
          </Act>
        </div>
      ))}
      <Offered
        label={`One more: ${label}`}
        words="and one more …"
        offers={() =>
          beginnings(setting.of, about).map((each) => ({
            label: setting.of.print(each, about.names).trim(),
            take: () => onChange([...values, each]),
          }))
        }
      />
    </>
  );
}
