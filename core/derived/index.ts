import { lazy, mixed } from 'yup';
import { type Change, change } from './change';
import type { Derivable, Derived, DerivedKind, DerivedSetting } from './derived';
import { type Indexed, indexed } from './indexed';
import { type MovingMean, movingMean } from './movingMean';
import { type RunningTotal, runningTotal } from './runningTotal';
import { type Share, share } from './share';
import { type YearBefore, yearBefore } from './yearBefore';

/** What a series' figures are turned into before they are drawn. */
export type DerivedDefinition = RunningTotal | Change | YearBefore | MovingMean | Share | Indexed;
export type { Derivable, Derived, DerivedSetting };

/** All kinds, in the order in which they are offered. */
export const derivedKinds = [
  runningTotal,
  change,
  yearBefore,
  movingMean,
  share,
  indexed,
] as unknown as readonly DerivedKind<DerivedDefinition>[];

/** The kind of a derived series: its schema, its words and what it finds. */
export const derivedKind = ({ kind }: Pick<DerivedDefinition, 'kind'>) =>
  derivedKinds.find((each) => each.kind === kind) as DerivedKind<DerivedDefinition>;

export const derivedSchema = lazy(
  (value: DerivedDefinition | null | undefined) =>
    derivedKinds.find(({ kind }) => kind === value?.kind)?.schema.nullable() ??
    mixed<DerivedDefinition>()
      .nullable()
      .test('kind', 'There is no such derived series.', (given) => given == null),
);
