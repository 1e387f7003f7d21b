export { dateOfDay, type Day, dayInZone, dayOf, formatDay, parseDay } from './civil';
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
