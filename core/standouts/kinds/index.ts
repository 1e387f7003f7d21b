import { lazy, mixed } from 'yup';
import type { PickKind } from '../pick';
import { type ChangePick, change } from './change';
import { first, type FirstPick, last, type LastPick } from './ends';
import { every, type EveryPick } from './every';
import { highest, type HighestPick, lowest, type LowestPick } from './extremes';
import { largest, type LargestPick } from './largest';
import { meeting, type MeetingPick } from './meeting';

/** Which points of a series stand out. */
export type PickDefinition =
  | HighestPick
  | LowestPick
  | FirstPick
  | LastPick
  | LargestPick
  | ChangePick
  | MeetingPick
  | EveryPick;

/** All kinds, in the order in which they are offered. */
export const pickKinds = [
  highest,
  lowest,
  first,
  last,
  largest,
  change,
  meeting,
  every,
] as unknown as readonly PickKind<PickDefinition>[];

/** The kind of a pick: its schema, its words and what it picks. */
export const pickKind = ({ kind }: Pick<PickDefinition, 'kind'>) =>
  pickKinds.find((each) => each.kind === kind) as PickKind<PickDefinition>;

export const pickSchema = lazy(
  (value: PickDefinition | undefined) =>
    (pickKinds.find(({ kind }) => kind === value?.kind)?.schema as ReturnType<
      typeof mixed<PickDefinition>
    >) ?? mixed<PickDefinition>().test('kind', 'There is no such standout.', () => false),
);
