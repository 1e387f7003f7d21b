import { datesFilter } from './dates';
import { numbersFilter } from './numbers';
import { wordsFilter } from './words';

/** Every kind of filter, in the order in which they are offered. A new one is a file and a line here. */
export const all = [wordsFilter, numbersFilter, datesFilter];
