import type { Kind } from '../registry';
import type { Cell, Writing } from '../table';
import { ProblemError } from '../values';

/** A row of cells on its way through the preparation. */
export interface Row {
  /** where it stands in the file, counted from 1 */
  number: number;
  cells: readonly Cell[];
}

export type Emit = (row: Row) => void;

/** Rows of another source, for those who look something up in them. */
export interface Lookup {
  name: string;
  columns: readonly string[];
  /** how many rows there are */
  rows: number;
  /** a cell of a column that a sentence names, by the number of its row and the place of the column */
  cell(row: number, place: number): Cell;
}

/** What a step may look at beside the rows that pass. */
export interface PreparationContext {
  writing: Writing;
  /** the first rows of the file, as they stand in it */
  firstRows: readonly (readonly Cell[])[];
  /** what the file and its part are called */
  title?: string;
  /** whether the first rows are all that there are; left out: they are */
  whole?: boolean;
  /** by the id of their source */
  lookups?: ReadonlyMap<number, Lookup>;
}

/** A step at work: rows go in and come out. */
export interface Stage {
  /** the columns of the rows that come out */
  columns: readonly string[];
  push(row: Row, emit: Emit): void;
  /** lets go of rows that were held back */
  end?(emit: Emit): void;
  /** what it did to the rows so far, as a sentence */
  remark?(): string | null;
}

/** What can be put in the place of a phrase. */
export type Choice =
  | { as: 'words' | 'text' | 'formula' | 'number' | 'source' }
  /** the columns that come to the step, or those of the source that it looks up in */
  | { as: 'column' | 'columns'; of?: 'lookup' }
  | { as: 'one'; of: readonly { value: string | number | boolean | null; label: string }[] };

/** A setting of a step, with what it may be set to. */
export interface StepField {
  field: string;
  choose: Choice;
}

/**
 * A piece of a step's sentence: plain words, or a setting. Another setting may stand in its place: the one
 * that is set empties the other.
 */
export type Phrase = string | (StepField & { text: string; instead?: StepField });

/** What every step has beside its own settings. */
export interface StepBase {
  id: string;
  /** switched off: it stands in the list, and does nothing */
  off?: boolean;
}

/** The rows that a step would meet, as many as were looked at. */
export interface Sheet {
  columns: readonly string[];
  rows: readonly (readonly Cell[])[];
}

/** One kind of step: what it is, how it says itself, what it does, and when it suggests itself. */
export interface StepKind<S extends StepBase & { kind: string }> extends Kind<S> {
  /** what to call it where steps are added */
  name: string;
  /** a step of this kind as it begins when somebody adds it */
  draft(columns: readonly string[]): Omit<S, 'id' | 'kind'>;
  say(step: S): Phrase[];
  /** @throws ProblemError when the rows that come in lack what it needs */
  begin(step: S, columns: readonly string[], context: PreparationContext): Stage;
  /** the steps of this kind that rows seem to need */
  suggest?(sheet: Sheet, context: PreparationContext): Omit<S, 'id' | 'kind'>[];
  /** in place of `suggest`: what rows need, and what they may need, which somebody has to decide first */
  weigh?(
    sheet: Sheet,
    context: PreparationContext,
  ): {
    sure: Omit<S, 'id' | 'kind'>[];
    doubtful: { step: Omit<S, 'id' | 'kind'>; why: string }[];
  };
  /** of how many rows its suggestions are found; left out: as many as tell what columns hold */
  looksAt?: number;
  /** whether a step that is kept does what one that is suggested would; left out: when they say the same */
  covers?(kept: S, suggested: S, sheet: Sheet): boolean;
  /** a kept step that does as well what one that is suggested would; null: that stands beside it */
  merge?(kept: S, suggested: S): S | null;
  /**
   * A kept step as it would be by what this file says of itself or holds, and what that is.
   * @param sheet the rows that the step meets
   */
  revises?(kept: S, context: PreparationContext, sheet: Sheet): { step: S; why: string } | null;
  /** its suggestions are offered, since only a person can decide them */
  offered?: boolean;
}

/**
 * The place of a column that a step needs.
 * @throws ProblemError when it is not there
 */
export function placeOf(columns: readonly string[], name: string): number {
  const place = columns.indexOf(name);
  if (place >= 0) return place;
  throw new ProblemError({
    code: 'column-missing',
    sentence: `The column “${name}” is not there. Choose another, or switch this sentence off.`,
    place: { column: name },
  });
}

/** Names in a sentence: “A”, “B” and 3 more. */
export function sayNames(names: readonly string[], most = 4): string {
  const shown = names.slice(0, most).map((name) => `“${name}”`);
  if (names.length > most) return `${shown.join(', ')} and ${names.length - most} more`;
  return shown.length < 2
    ? (shown[0] ?? 'none')
    : `${shown.slice(0, -1).join(', ')} and ${shown.at(-1)}`;
}

/** A name that no column has yet. */
export function freshName(name: string, columns: readonly string[]): string {
  if (!columns.includes(name)) return name;
  for (let time = 2; ; time += 1)
    if (!columns.includes(`${name} (${time})`)) return `${name} (${time})`;
}

/** “1 row”, “3 rows”. */
export const countRows = (count: number) =>
  `${count.toLocaleString('en-GB')} ${count === 1 ? 'row' : 'rows'}`;
