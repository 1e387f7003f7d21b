import { alternatives, isNamed, saidAs, wayOf } from '../../../core/sentences';
import { SelectField } from '../../controls';
import { useAbout } from '../about';
import { SettingField } from '../SettingField';
import type { ControlProps } from './control';

/** One of several ways to say something, each in the words that it would have. */
export function WaysControl({ setting, label, value, onChange }: ControlProps<'ways'>) {
  const about = useAbout();
  const current = wayOf(setting, value);
  const all = alternatives(setting);
  const drafts = all.map((way) => {
    if (way.is(value)) return value;
    return current ? saidAs(way.entry, value, current.entry, about) : way.entry.draft(about);
  });
  return (
    <>
      <SelectField
        label={label}
        value={all.findIndex((way) => way.is(value))}
        onChange={(place) => onChange(drafts[place])}
        options={all.flatMap(({ is, entry }, place) =>
          is(value) || isNamed(entry, drafts[place])
            ? [{ value: place, label: entry.print(drafts[place], about.names).trim() }]
            : [],
        )}
      />
      {current && <SettingField entry={current.entry} {...{ label, value, onChange }} />}
    </>
  );
}
