import { ofKind } from '../../sentences';
import { type DefinitionOf, registry } from '../../registry';
import type { PickKind } from '../pick';
import { change } from './change';
import { first, last } from './ends';
import { every } from './every';
import { highest, lowest } from './extremes';
import { largest } from './largest';
import { meeting } from './meeting';

const all = [highest, lowest, first, last, largest, change, meeting, every];

/** Which points of a series stand out. */
export type PickDefinition = DefinitionOf<(typeof all)[number]>;

export const {
  kinds: pickKinds,
  of: pickKind,
  schema: pickSchema,
} = registry<PickKind<PickDefinition>>('standout', all);

/** What is picked in a sentence, before "of" and the name of a series. */
export const pickEntry = ofKind<PickDefinition>(pickKinds);
