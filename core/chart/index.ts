export {
  type ChartDefinition,
  type Colour,
  type ColourRuleDefinition,
  colours,
  type DrawnChart,
  drawnChart,
  type DrawnSeries,
  type FiguresDefinition,
  type GoodSide,
  type MarkDefinition,
  type Role,
  roles,
  type SeriesDefinition,
  type StandoutDefinition,
  type YardstickDefinition,
  type YardstickValue,
} from './definition';
export {
  draftChart,
  draftSeries,
  type DraftSource,
  freshId,
  withMark,
  withoutSeries,
} from './draft';
export { figuresAsked, frameRequest } from './requests';
export { chartSchema, parseChart } from './schema';
export {
  isCoarser,
  isDrawn,
  seriesFrame,
  type SeriesFrame,
  type SeriesFrames,
} from './seriesFrame';
export { upgradeChart } from './upgrade';
export { palette, type Stroke, strokeOfRole } from './strokes';
