import type { ReactNode } from 'react';
import type { DateStyle } from '../../core/labels';

interface HandProps<Value> {
  /** its name */
  label: string;
  value: Value;
  onChange: (value: Value) => void;
}

/** One of few. */
export interface ChoiceProps extends HandProps<string> {
  options: readonly { value: string; label: string }[];
  /** in pixels; left out: what its longest words need */
  width?: number;
}

/** A number along a range. */
export interface RangeProps extends HandProps<number> {
  from: number;
  to: number;
  step: number;
  /** the number as it is written */
  said: string;
}

/** A day, written 2026-11-23. */
export interface DayProps extends HandProps<string> {
  dates: DateStyle;
}

/** What holds or does not. */
export interface TickProps {
  checked: boolean;
  onChange: (checked: boolean) => void;
  children: ReactNode;
}

/** A title that is written in its own place. */
export interface TitleProps extends HandProps<string> {
  onDone: () => void;
  /** it stays as it was */
  onLeave: () => void;
}
