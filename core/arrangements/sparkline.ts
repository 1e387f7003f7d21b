import { Sentence } from '../sentences';
import { mixed, object } from 'yup';
import type { ArrangementKind } from './arrangement';

/** A headline figure: the last one, large, beside a bare line. */
export interface Sparkline {
  kind: 'sparkline';
}

export const sparkline: ArrangementKind<Sparkline> = {
  kind: 'sparkline',
  sentence: Sentence.of<Sparkline>({ kind: 'sparkline' }).words(
    'as a headline figure with its line',
  ),
  schema: () => object({ kind: mixed<'sparkline'>().oneOf(['sparkline']).required() }),
  coloursBy: 'line',
  headline: true,
  arrange: ({ periods, lines }) => ({
    axis: null,
    positions: [...periods],
    panels: [{ key: '', title: '', lines: [...lines] }],
    described: '',
  }),
};
