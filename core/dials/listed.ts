import { choiceDial } from './choice';
import { dateDial } from './date';
import { datesDial } from './dates';
import { numberDial } from './number';
import { severalDial } from './several';

/** Every kind of dial, in the order in which they are offered. A new one is a file and a line here. */
export const all = [numberDial, dateDial, datesDial, choiceDial, severalDial];
