import type { Entry, Setting } from '../../core/sentences';
import { useAbout } from './about';

interface FieldProps {
  /** what it sets */
  label: string;
  value: unknown;
  onChange: (value: unknown) => void;
}

/** The control that sets something. */
export function SettingControl({ setting, ...field }: FieldProps & { setting: Setting }) {
  const Control = useAbout().controls[setting.control];
  return Control ? <Control setting={setting} {...field} /> : null;
}

/** The control that sets something, as its entry of the vocabulary names it. */
export const SettingField = ({ entry, ...field }: FieldProps & { entry: Entry<unknown> }) => (
  <SettingControl setting={entry.setting()} {...field} />
);
