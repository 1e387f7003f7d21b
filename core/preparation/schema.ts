import { lazy, object, string } from 'yup';
import { list } from '../values';
import { type Step, stepKinds } from './kinds';

const mostSteps = 40;

const anyStep = lazy((value: { kind?: unknown } | undefined) => {
  const found = stepKinds.find(({ kind }) => kind === value?.kind);
  return (found?.shape ??
    object({
      kind: string()
        .oneOf(
          stepKinds.map(({ kind }) => kind),
          'There is no such step.',
        )
        .required(),
    })) as (typeof stepKinds)[number]['shape'];
});

/** The steps of a preparation, from outside. */
export const stepsShape = list<Step>(anyStep as never, mostSteps);
