import { list } from '../values';
import { type Step, stepSchema } from './kinds';

const mostSteps = 40;

/** The steps of a preparation, from outside. */
export const stepsShape = list<Step>(stepSchema, mostSteps);
