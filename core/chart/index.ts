export {
  type ChartDefinition,
  type Colour,
  type ColourRuleDefinition,
  colours,
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
export { frameRequest, frameRequests } from './requests';
export { chartSchema, parseChart } from './schema';
export { palette, type Stroke, strokeOfRole } from './strokes';
