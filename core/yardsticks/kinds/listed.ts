import { band } from './band';
import { between } from './between';
import { dates } from './dates';
import { dialPlace } from './dialPlace';
import { firstBeyond } from './firstBeyond';
import { foundDate } from './foundDate';
import { foundPlace } from './foundPlace';
import { line } from './line';
import { place } from './place';
import { readings } from './readings';
import { recorded } from './recorded';
import { recurring } from './recurring';
import { steps } from './steps';
import { today } from './today';

/** Every kind of yardstick, in the order in which they are offered. A new one is a file and a line here. */
export const all = [
  line,
  band,
  between,
  readings,
  steps,
  today,
  foundDate,
  dates,
  recurring,
  recorded,
  place,
  foundPlace,
  dialPlace,
  firstBeyond,
];
