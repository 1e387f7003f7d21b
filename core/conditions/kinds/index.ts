import { ofKind, type Said } from '../../sentences';
import { type DefinitionOf, registry } from '../../registry';
import type { ConditionContext, ConditionKind, Names, Test } from '../condition';
import { type SeveralCondition, severalCondition } from './several';
import { plain } from './listed';

/** What a figure must meet to be caught by a colour rule, or picked out. */
export type ConditionDefinition =
  DefinitionOf<(typeof plain)[number]> | SeveralCondition<ConditionDefinition>;

const several: ConditionKind<SeveralCondition<ConditionDefinition>> =
  severalCondition<ConditionDefinition>({
    schema: () => conditionSchema,
    sentence: () => conditionEntry,
    say: (definition, names) => sayCondition(definition, names),
    test: (definition, context) => testCondition(definition, context),
  });

export const {
  kinds: conditionKinds,
  of: conditionKind,
  schema: conditionSchema,
} = registry<ConditionKind<ConditionDefinition>>('condition', [...plain, several]);

/** A condition in a sentence, after the name of a series. */
export const conditionEntry: Said<ConditionDefinition> =
  ofKind<ConditionDefinition>(conditionKinds);

/**
 * A condition in words, as the end of a sentence.
 * @param names of the parts that it may speak of
 */
export const sayCondition = (definition: ConditionDefinition, names: Names): string =>
  conditionKind(definition).say(definition, names);

/**
 * What a condition tells of a line.
 * @param context the line, what it may be held against, and where dials stand
 * @returns where strokes are to be cut, and whether it holds at a figure and along a stroke
 */
export const testCondition = (definition: ConditionDefinition, context: ConditionContext): Test =>
  conditionKind(definition).test(definition, context);
