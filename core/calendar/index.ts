export {
  civilDate,
  type CivilDate,
  type Day,
  dayOf,
  formatDay,
  isoWeek,
  parseDay,
  weekday,
} from './civil';
export { type DatePattern, datePatterns, readDate } from './datePattern';
export {
  fiscalPosition,
  type FiscalPosition,
  type Grain,
  grains,
  nextPeriod,
  periodKey,
  periodsBetween,
  periodStart,
} from './periods';
export { dayInZone, isZone } from './zone';
