import type { ReactNode } from 'react';
import type { DateStyle, NumberMarks } from '../../core/labels';

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

/** Some of few. */
export interface SeveralProps extends HandProps<readonly string[]> {
  options: readonly { value: string; label: string }[];
  /** what stands in its place while none is chosen */
  none: string;
  /** in pixels; left out: what its longest words need */
  width?: number;
}

/** A number that is typed. */
export interface NumberProps extends HandProps<number> {
  from: number;
  to: number;
  step: number;
  /** how figures are written */
  marks: NumberMarks;
}

/** Two days, written 2026-11-23, or either; an open one is empty. */
export interface DaysProps extends HandProps<readonly [from: string, to: string]> {
  dates: DateStyle;
  /** the days that there are figures of; null: nobody knows */
  reach: readonly [first: string, last: string] | null;
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
