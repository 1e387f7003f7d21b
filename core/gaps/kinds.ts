import { bridged } from './bridged';
import { carried } from './carried';
import { open } from './open';
import { zero } from './zero';

/** Every treatment of gaps, in the order in which they are offered. A new one is a line here. */
export const treatments = [open, bridged, carried, zero];
