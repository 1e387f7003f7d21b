import { formulaOver, Sentence } from '../sentences';
import { mixed, object, string } from 'yup';
import { longestFormula } from '../formula';
import type { OriginKind } from './origin';

/** Figures worked out from the chart's other series, which it names. */
export interface FormulaFigures {
  kind: 'formula';
  text: string;
}

export const formula: OriginKind<FormulaFigures> = {
  kind: 'formula',
  name: 'worked out from other series',
  sentence: Sentence.of<FormulaFigures>({ kind: 'formula' })
    .words('worked out as ')
    .slot('text', formulaOver('series', 'dial')),
  schema: () =>
    object({
      kind: mixed<'formula'>().oneOf(['formula']).required(),
      text: string().defined().max(longestFormula),
    }),
  draft: () => ({ kind: 'formula', text: '' }),
  say: ({ text }) => `worked out as ${text || 'nothing yet'}`,
  lines: 'a line for each of theirs',
  formula: { text: ({ text }) => text, with: (figures, text) => ({ ...figures, text }) },
  find: ({ text }, { worked }) => worked(text),
};
