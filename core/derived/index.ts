import { lazy, mixed } from 'yup';
import { ofKind } from '../sentences';
import { type DefinitionOf, registry } from '../registry';
import { change } from './change';
import type { Derivable, Derived, DerivedKind } from './derived';
import { indexed } from './indexed';
import { movingMean } from './movingMean';
import { runningTotal } from './runningTotal';
import { share } from './share';
import { yearBefore } from './yearBefore';

export type { Derivable, Derived };

const all = [runningTotal, change, yearBefore, movingMean, share, indexed];

/** What a series' figures are turned into before they are drawn. */
export type DerivedDefinition = DefinitionOf<(typeof all)[number]>;

const {
  kinds: derivedKinds,
  of: derivedKind,
  schemaFor,
} = registry<DerivedKind<DerivedDefinition>>('derived series', all);
export { derivedKind, derivedKinds };

/** What a series is turned into, in a sentence. */
export const derivedEntry = ofKind<DerivedDefinition>(derivedKinds);

/** What a series is turned into; null: it is drawn as it is. */
export const derivedSchema = lazy((value: DerivedDefinition | null | undefined) =>
  value == null ? mixed<DerivedDefinition>().nullable() : schemaFor(value),
);
