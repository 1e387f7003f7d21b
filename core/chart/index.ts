export {
  type AxisStart,
  axisStarts,
  type ChartDefinition,
  type ColourRuleDefinition,
  type ConstantFigures,
  type DrawnChart,
  drawnChart,
  type DrawnSeries,
  type FiguresDefinition,
  type FormulaFigures,
  type GoodSide,
  type MarkDefinition,
  type Role,
  roles,
  type RowsFigures,
  type SeriesDefinition,
  type SplitDefinition,
  type StandoutDefinition,
  type StandoutPick,
} from './definition';
export { chartFrames, isSplit, type SeriesFrame, type SeriesFrames } from './chartFrames';
export {
  draftChart,
  draftSeries,
  type DraftSource,
  freshId,
  nextPlace,
  withChanged,
  withMark,
  withoutSeries,
} from './draft';
export { figuresAsked, frameRequest } from './requests';
export { chartSchema, parseChart } from './schema';
export type { SpanDefinition } from './spans';
export {
  type Colour,
  colours,
  type Dash,
  dashes,
  palette,
  plainStroke,
  type Shape,
  shapes,
  type Stroke,
  type StrokeDefinition,
  strokeOfRole,
  takesPalette,
} from './strokes';
export { upgradeChart } from './upgrade';
