import { Select } from 'antd';
import { beginnings } from '../../../core/sentences';
import { useAbout, useWords } from '../about';
import { Offered } from '../Offered';
import { SettingField } from '../SettingField';
import type { ControlProps } from './control';

/** Several of one thing: out of few, of words that are written, or one under the other. */
export function SeveralControl({ setting, label, value, onChange }: ControlProps<'several'>) {
  const inner = setting.of.setting();
  const values = value as unknown[];
  if (inner.control === 'choice') {
    const places = inner.choices.map(([each]) => each);
    return (
      <label className="field">
        <span>{label}</span>
        <Select<number[]>
          mode="multiple"
          aria-label={label}
          value={places.flatMap((each, place) => (values.includes(each) ? [place] : []))}
          onChange={(next) =>
            onChange([...next].sort((a, b) => a - b).map((place) => places[place]))
          }
          options={inner.choices.map(([, words], place) => ({ value: place, label: words }))}
        />
      </label>
    );
  }
  if (inner.control === 'column') return <Columns {...{ label, onChange }} values={values} />;
  if (inner.control === 'word') return <Words {...{ label, onChange }} values={values} />;
  return <Listed {...{ setting, label, onChange }} values={values} />;
}

/** Several columns. */
function Columns({ label, values, onChange }: WordsProps) {
  const { column = [] } = useAbout().names;
  return (
    <label className="field">
      <span>{label}</span>
      <Select<unknown[]>
        mode="multiple"
        aria-label={label}
        value={values}
        onChange={onChange}
        options={column.map(({ name }) => ({ value: name, label: name }))}
      />
    </label>
  );
}

/** What a blank word is called among others. */
const blank = 'blank';

interface WordsProps extends Pick<ControlProps<'several'>, 'label' | 'onChange'> {
  values: unknown[];
}

/** Words of a column, or such as may come yet. */
function Words({ label, values, onChange }: WordsProps) {
  const known = useWords();
  return (
    <label className="field">
      <span>{label}</span>
      <Select<string[]>
        mode="tags"
        aria-label={label}
        value={values.map((each) => String(each) || blank)}
        onChange={(next) => onChange(next.map((each) => (each === blank ? '' : each)))}
        options={[...known.filter(Boolean), blank].map((value) => ({ value }))}
      />
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
          <button
            type="button"
            className="act"
            onClick={() => onChange(values.filter((_, at) => at !== place))}
          >
            Take this one out
          </button>
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
