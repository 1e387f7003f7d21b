import type { ComponentType } from 'react';
import type { Setting } from '../../../core/sentences';

/** The name of a control of the vocabulary. */
export type ControlName = Setting['control'];

/** What a control works on. */
export interface ControlProps<Name extends ControlName> {
  setting: Extract<Setting, { control: Name }>;
  /** what it sets */
  label: string;
  value: unknown;
  onChange: (value: unknown) => void;
}

/** A control that is told of its setting only when it is drawn. */
export type AnyControl = ComponentType<{
  setting: Setting;
  label: string;
  value: unknown;
  onChange: (value: unknown) => void;
}>;
