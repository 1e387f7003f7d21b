export {
  type FigureFormat,
  finerFormat,
  figureFormat,
  suffixWords,
  writeDifference,
  writeFigure,
  writeNumber,
  writeWhole,
} from './figures';
export { countPeriods, tapeLabel, writeDay, writePeriod, writePeriodOfYear } from './periods';
export { spreadLabels } from './placement';
export { axisFormat, axisValues, type ValueAxis, valueAxis } from './scale';
