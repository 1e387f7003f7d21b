import type { StepBase, StepKind } from '../step';
import { columnsKind, type ColumnsStep } from './columns';
import { compose, type ComposeStep } from './compose';
import { compute, type ComputeStep } from './compute';
import { fillDown, type FillDownStep } from './fillDown';
import { head, type HeadStep } from './head';
import { join, type JoinStep } from './join';
import { rename, type RenameStep } from './rename';
import { rowsKind, type RowsStep } from './rows';
import { rowsByFigure, type RowsByFigureStep } from './rowsByFigure';
import { spread, type SpreadStep } from './spread';
import { totals, type TotalsStep } from './totals';
import { unpivot, type UnpivotStep } from './unpivot';

/** A sentence of a preparation. */
export type Step =
  | HeadStep
  | FillDownStep
  | TotalsStep
  | ColumnsStep
  | UnpivotStep
  | SpreadStep
  | ComposeStep
  | RenameStep
  | RowsStep
  | RowsByFigureStep
  | ComputeStep
  | JoinStep;

/** All kinds, in the order in which they suggest themselves. A new kind is a line here and above. */
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
] as const;

type AnyKind = StepKind<StepBase & { kind: Step['kind'] }>;

/** Every kind of step, as one type. */
export const stepKinds = all as unknown as readonly AnyKind[];

/** The kind of a step. */
export function kindOf(step: { kind: string }): AnyKind {
  const found = stepKinds.find(({ kind }) => kind === step.kind);
  if (!found) throw new Error(`There is no step ${step.kind}.`);
  return found;
}
