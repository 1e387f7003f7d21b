import { createContext, useContext } from 'react';
import type { Entry, Setting } from '../../../core/sentences';
import type { AnyControl, ControlName } from './controls/control';

/** The control of each entry of the vocabulary: some hold others, so each is looked up when it is drawn. */
export const ControlsContext = createContext<Readonly<Partial<Record<ControlName, AnyControl>>>>(
  {},
);

interface FieldProps {
  /** what it sets */
  label: string;
  value: unknown;
  onChange: (value: unknown) => void;
}

/** The control that sets something. */
export function SettingControl({ setting, ...field }: FieldProps & { setting: Setting }) {
  const Control = useContext(ControlsContext)[setting.control];
  return Control ? <Control setting={setting} {...field} /> : null;
}

/** The control that sets something, as its entry of the vocabulary names it. */
export const SettingField = ({ entry, ...field }: FieldProps & { entry: Entry<unknown> }) => (
  <SettingControl setting={entry.setting()} {...field} />
);
