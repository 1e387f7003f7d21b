import { calendarCondition } from './calendar';
import { changeCondition } from './change';
import { datesCondition } from './dates';
import { markCondition } from './mark';
import { runningCondition } from './running';
import { seriesCondition } from './series';
import { valueCondition } from './value';
import { withinCondition } from './within';
import { yardstickCondition } from './yardstick';

/** Every kind of condition that holds no others, in the order in which they are offered. A new one is a file and a line here. */
export const plain = [
  markCondition,
  valueCondition,
  seriesCondition,
  yardstickCondition,
  withinCondition,
  changeCondition,
  runningCondition,
  calendarCondition,
  datesCondition,
];
