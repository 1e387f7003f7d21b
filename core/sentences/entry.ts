import type { Fields } from './fields';
import type { NameOf, Names } from './names';
import type { Read, Reader } from './reader';

/** What is written and read. */
export interface Written<Value> {
  /** Writes a value so that reading it gives the same. */
  print(value: Value, names: Names): string;
  /** Every way to read a value at a place; the reader is told what else could have stood there. */
  read(at: number, reader: Reader): readonly Read<Value>[];
}

/** An entry of the vocabulary: what can be set in a sentence, how it is written, read, begun and set. */
export interface Entry<Value> extends Written<Value> {
  /** A value to begin with. */
  draft(about: About): Value;
  /** Whether something can be such a value: what was said one way may be said another. */
  fits(value: unknown): boolean;
  /** How a value is set. */
  setting(): Setting;
}

/** What a first draft is made about. */
export interface About {
  names: Names;
  /** a value in the middle of the axis */
  level: number;
  /** today, written 2026-11-23 */
  today: string;
}

/** One of several ways to say something. */
export interface Way {
  /** whether a value is said this way */
  is(value: unknown): boolean;
  entry: Entry<unknown>;
}

/** What stands in a setting can be drawn beside its words. */
export type Drawn = 'colour' | 'dash';

/**
 * How something is set: by which control of the vocabulary, and within which bounds. The interface has one
 * file for each control. What is called is the setting's name where no words lead to it.
 */
export type Setting = { called?: string } & (
  | { control: 'number'; from: number; to: number; whole: boolean; unit?: string }
  | { control: 'text' }
  | { control: 'word' }
  | { control: 'formula'; of: readonly NameOf[] }
  | { control: 'date' }
  | { control: 'choice'; choices: readonly (readonly [unknown, string])[]; drawn?: Drawn }
  | { control: 'name'; of: readonly NameOf[]; kinds?: readonly string[] }
  | { control: 'column'; kind?: string }
  | { control: 'several'; of: Entry<unknown> }
  | { control: 'pair'; of: Entry<unknown>; joint: string }
  | { control: 'ways'; ways: readonly Way[] }
  | { control: 'sentence'; sentence: Spoken<object> }
  | {
      control: 'mapped';
      inner: Setting;
      to(inner: unknown): unknown;
      from(value: unknown): unknown;
    }
);

/** A setting in a sentence: a field of what it says. */
export interface Slot {
  field: string;
  entry: Entry<unknown>;
  /** what it sets, where the words before it do not tell */
  label: string;
}

/** What may be said after the fixed part, and is silent at its plain value. */
export interface Option {
  /** the fields on the way to the value, from the outside in */
  path: readonly string[];
  plain: unknown;
  /** in place of it: what is plain beside what else is said */
  plainBy?: (of: Fields, names: Names) => unknown;
  entry: Entry<unknown>;
  /** what leads to it from what stands before */
  lead: string;
}

/** What of a sentence can be set: its parts in their order, and its options. */
export interface Spoken<Definition extends object> {
  /** what all that it says have alike */
  readonly given: Fields;
  readonly parts: readonly (string | Slot)[];
  readonly options: readonly Option[];
  print(definition: Definition, names: Names): string;
  draft(about: About): Definition;
  /** A definition with what is left out of it written plainly. */
  filled(definition: Definition): Fields;
  /** The same with another value at the end of a path; undefined leaves it out. */
  put(definition: Definition, path: readonly string[], value: unknown, names: Names): Definition;
}
