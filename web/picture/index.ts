export { colourAt } from './atPeriod';
export { dashes } from './dashes';
export { drawChart, type Drawing, type DrawnPanel, headlineSize, sayLeftOut } from './drawing';
export { dayAt, type Geometry, periodAt, plotBottom, toX, toY } from './geometry';
export {
  type Highlight,
  isAway,
  isLit,
  isMore,
  latestLit,
  noHighlight,
  withLit,
} from './highlight';
export { measureText } from './measureText';
export { geometryOn, type PlacedPanel } from './panels';
export { flownRow } from './pennants';
export { type At, atPlace, placeOf } from './placeOf';
export { roundOn } from './roundOn';
export { seriesAt } from './seriesAt';
export { textScale } from './textSizes';
