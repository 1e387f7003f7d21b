import type { ComponentType } from 'react';
import { ChoiceControl } from './ChoiceControl';
import { ColumnControl } from './ColumnControl';
import type { AnyControl, ControlName, ControlProps } from './control';
import { DateControl } from './DateControl';
import { FormulaControl } from './FormulaControl';
import { MappedControl } from './MappedControl';
import { NameControl } from './NameControl';
import { NumberControl } from './NumberControl';
import { PairControl } from './PairControl';
import { SentenceControl } from './SentenceControl';
import { SeveralControl } from './SeveralControl';
import { TextControl } from './TextControl';
import { WaysControl } from './WaysControl';

const all: { [Name in ControlName]: ComponentType<ControlProps<Name>> } = {
  choice: ChoiceControl,
  column: ColumnControl,
  date: DateControl,
  formula: FormulaControl,
  mapped: MappedControl,
  name: NameControl,
  number: NumberControl,
  pair: PairControl,
  sentence: SentenceControl,
  several: SeveralControl,
  text: TextControl,
  ways: WaysControl,
  word: TextControl,
};

/** The control of each entry of the vocabulary. A new one is a file here and a line. */
export const controls = all as unknown as Record<ControlName, AnyControl>;
