import { lazy, mixed } from 'yup';
import { type DefinitionOf, registry } from '../registry';
import { ofKind } from '../sentences';
import type { EmphasisKind } from './emphasis';
import { chosen } from './kinds/chosen';
import { highest } from './kinds/highest';
import { lines } from './kinds/lines';

const all = [lines, highest, chosen];

/** Which lines a chart opens with. */
export type EmphasisDefinition = DefinitionOf<(typeof all)[number]>;

export const {
  kinds: emphasisKinds,
  of: emphasisKind,
  schemaFor,
} = registry<EmphasisKind<EmphasisDefinition>>('emphasis', all);

/** What a chart opens with, where it opens with more than one line. */
export const emphasisSchema = lazy((value: unknown) =>
  value === undefined ? mixed<EmphasisDefinition>().optional() : schemaFor(value),
);

/** Which lines a chart opens with, in a sentence. */
export const emphasisEntry = ofKind<EmphasisDefinition>(emphasisKinds);
