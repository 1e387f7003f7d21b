export {
  civilDate,
  type CivilDate,
  type Day,
  dayOf,
  dayOfDate,
  formatDay,
  isoWeek,
  parseDay,
  twoDigits,
  weekday,
} from './civil';
export { type DatePattern, datePatterns, isFiscal, periodWritten } from './datePatterns';
export { type DateContext, namesOffset, readDate } from './readDate';
export { dateText } from './field';
export { monthNamed } from './monthNames';
export {
  fiscalPosition,
  type FiscalPosition,
  type Grain,
  grains,
  nextPeriod,
  periodKey,
  periodsBetween,
  periodStart,
  yearBefore,
  yearOf,
  yearStartDay,
} from './periods';
export { dayInZone, isZone } from './zone';
export { type Recording, recordingOf } from './recording';
