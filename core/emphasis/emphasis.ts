import type { DialValues } from '../dials';
import type { Kind } from '../registry';
import type { Said } from '../sentences';
import type { Figures } from '../values';

/** A line as far as what is emphasised looks at it. */
export interface Emphasised {
  id: string;
  name: string;
  figures: Figures;
  open: readonly boolean[];
}

/** One way to say which lines a chart opens with, the others greyed. */
export interface EmphasisKind<Definition extends { kind: string }> extends Kind<Definition> {
  sentence: Said<Definition>;
  /** @returns the ids of the lines; none: all wear their own colours */
  find: (definition: Definition, lines: readonly Emphasised[], dials: DialValues) => string[];
}
