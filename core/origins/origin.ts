import type { Aggregated } from '../measures';
import type { Said } from '../sentences';
import type { Kind } from '../registry';

/** Rows of a source that are aggregated. */
export interface RowsAsked extends Aggregated {
  sourceId: number;
}

/** A measure that stands for how figures are taken. */
export interface MeasureAsked {
  sourceId: number;
  /** null: none is chosen yet */
  measureId: number | null;
}

/** What figures can be found from; a kind takes one of these ways. */
export interface Ways<Full> {
  /** the aggregated rows of the source that was asked; null when they could not be had */
  aggregated: (rows: RowsAsked) => Full | null;
  /** what a formula over the chart's other series comes to */
  worked: (text: string) => Full | null;
  /** the same figure wherever others have one */
  constant: (number: number) => Full;
  /** @throws ProblemError that names the series, and says what is wrong with its figures */
  missing: (code: string, sentence: string) => never;
}

/** One kind of origin of figures: what it is, how it says itself, and how figures are found. */
export interface OriginKind<Definition extends { kind: string }> extends Kind<Definition> {
  /** its name in a list, as in "Its figures are taken from a source" */
  name: string;
  /** what it is when it is chosen; null where there is nothing that it could be taken from */
  draft: (about: { rows: RowsAsked | null; sourceId: number }) => Definition | null;
  /** after the name of a series, as in "Fares, worked out as Fare * Riders" */
  say: (definition: Definition) => string;
  /** after what the series is and a colon */
  sentence: Said<Definition>;
  /** how its lines are told apart, where no column of a source tells them */
  lines?: string;
  /** the name that it gives a series; left out: none */
  names?: (definition: Definition) => string;
  /** the rows that it aggregates; left out: none */
  rows?: (definition: Definition) => RowsAsked;
  /** the measure that stands for it; left out: none */
  measure?: (definition: Definition) => MeasureAsked;
  /** the formula that it is worked out by; left out: none */
  formula?: {
    text: (definition: Definition) => string;
    with: (definition: Definition, text: string) => Definition;
  };
  /** the same definition over another source, and another measure of it */
  movedTo?: (definition: Definition, to: MeasureAsked) => Definition;
  find: <Full>(definition: Definition, ways: Ways<Full>) => Full | null;
}
