import { constant } from './constant';
import { formula } from './formula';
import { measure } from './measure';
import { rows } from './rows';

/** Every origin of figures, in the order in which they are offered. A new kind is a line here. */
export const origins = [rows, measure, formula, constant];
