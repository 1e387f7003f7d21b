import { Sentence } from '../sentences';
import { mixed, object } from 'yup';
import type { ArrangementKind } from './arrangement';

/** All lines in one picture. */
export interface One {
  kind: 'one';
}

export const one: ArrangementKind<One> = {
  kind: 'one',
  sentence: Sentence.of<One>({ kind: 'one' }).words('in one picture'),
  schema: () => object({ kind: mixed<'one'>().oneOf(['one']).required() }),
  coloursBy: 'line',
  arrange: ({ periods, lines }) => ({
    axis: null,
    positions: [...periods],
    panels: [{ key: '', title: '', lines: [...lines] }],
    described: '',
  }),
};
