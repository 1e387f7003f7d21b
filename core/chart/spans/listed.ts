import { fixed } from './fixed';
import { last } from './last';
import { lastActual } from './lastActual';
import { thisYear } from './thisYear';

/** Every kind of span, in the order in which they are offered. A new one is a file and a line here. */
export const all = [fixed, last, lastActual, thisYear];
