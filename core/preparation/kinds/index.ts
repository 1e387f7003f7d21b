import { type DefinitionOf, registry } from '../../registry';
import type { StepKind } from '../step';
import { columnsKind } from './columns';
import { compose } from './compose';
import { compute } from './compute';
import { fillDown } from './fillDown';
import { head } from './head';
import { join } from './join';
import { rename } from './rename';
import { rowsKind } from './rows';
import { rowsByFigure } from './rowsByFigure';
import { spread } from './spread';
import { totals } from './totals';
import { unpivot } from './unpivot';

/** All kinds, in the order in which they suggest themselves. A new kind is a line here. */
const all = [
  head,
  totals,
  fillDown,
  columnsKind,
  unpivot,
  compose,
  spread,
  rename,
  rowsKind,
  rowsByFigure,
  compute,
  join,
];

/** A sentence of a preparation. */
export type Step = DefinitionOf<(typeof all)[number]>;

export const {
  kinds: stepKinds,
  of: kindOf,
  schema: stepSchema,
} = registry<StepKind<Step>>('step', all);
