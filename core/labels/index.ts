export { areBareYears } from './bareYears';
export {
  type FigureFormat,
  finerFormat,
  figureFormat,
  suffixWords,
  isPercentage,
  writeApart,
  writeChange,
  writeDifference,
  writeShare,
  writeFigure,
  writeNumber,
  writeWhole,
} from './figures';
export { type NumberMarks, numberMarks, type NumberStyle, plainNumbers } from './numberStyle';
export { writeOrdinal } from './ordinal';
export {
  countPeriods,
  type DateStyle,
  dateStyles,
  type PeriodStyle,
  tapeLabel,
  writeDay,
  writePeriod,
  writePeriodOfYear,
} from './periods';
export { partLabels } from './placement';
export { writeStretch } from './stretch';
export { axisFormat, axisValues, type ValueAxis, valueAxis } from './scale';
export { fillSlots, renamedSlots, withoutSlots } from './slots';
export { monthNames, shortMonthNames, shortWeekdayNames, weekdayNames } from './names';
