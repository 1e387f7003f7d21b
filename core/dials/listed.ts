import { choiceDial } from './choice';
import { dateDial } from './date';
import { numberDial } from './number';

/** Every kind of dial, in the order in which they are offered. A new one is a file and a line here. */
export const all = [numberDial, dateDial, choiceDial];
