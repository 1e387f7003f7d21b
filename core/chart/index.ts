export { type Hanging, hangingOn, withoutPart } from './hanging';
export { namedAlready, type Part } from './parts';
export { withOwnNames, withRenamed } from './renaming';
export { draftRole, type DraftSource } from './draftColumns';
export { titleOfChart, withFollowingWords } from './followingWords';
export {
  type ChartDefinition,
  type ColourRuleDefinition,
  type ConstantFigures,
  type DrawnChart,
  type DrawnSeries,
  type FiguresDefinition,
  type FormulaFigures,
  type GoodSide,
  type MarkDefinition,
  type MeasureFigures,
  sourceOfFigures,
  type NamesDefinition,
  type RowsFigures,
  type SeriesDefinition,
  type SplitDefinition,
  type StandoutDefinition,
  type StyledYardstick,
  labelParts,
  ruleEffects,
} from './definition';
export {
  type AxesDefinition,
  type AxisStart,
  axisStarts,
  plainAxes,
  type ValueAxisDefinition,
} from './axes';
export {
  type BoardStyle,
  boardStyleSchema,
  plainStyle,
  type RoleStroke,
  type TextSize,
  textSizes,
} from './boardStyle';
export { type ChartFilter, greysLines, keepsWord } from './chartFilters';
export { plainReplay, type ReplayDefinition } from './replay';
export { type PeekDefinition, peekSizes, plainTogether, type TogetherDefinition } from './together';
export { type Role, roles, roleWords } from './roles';
export type { AlongDefinition } from './along';
export { alongColumn, drawnGrain } from './reach';
export { chartFrames, isSplit } from './chartFrames';
export type { SeriesFrame, SeriesFrames } from './seriesFrame';
export {
  draftChart,
  draftRule,
  draftStandout,
  draftSeries,
  freshId,
  nextPlace,
  withChanged,
  withMark,
} from './draft';
export { dialKindOf, turnsFilters, withDialledFilters, withFiltersAsSet } from './dialledFilters';
export { drawnChart, type SeenBy } from './drawn';
export {
  type Narrowing,
  asksDrawn,
  isTied,
  narrowedBy,
  narrowingSchema,
  sayNarrowed,
  sayNarrowing,
} from './narrowings';
export { atGrain, grainsOffered } from './readerGrain';
export { withReadingsBands } from './readingsBands';
export { goesOnWriting } from './goesOnWriting';
export { looksPastReaders } from './foundFrom';
export { dialsAsked, figuresAsked, frameRequest } from './requests';
export { chartSchema, parseChart } from './schema';
export type { SpanDefinition } from './spans';
export {
  type Colour,
  colours,
  type Dash,
  dashes,
  type Gradient,
  gradients,
  noPoints,
  type PaletteName,
  paletteNames,
  palettes,
  plainStroke,
  pointKinds,
  type PointsDefinition,
  type Shape,
  shapes,
  type Stroke,
  type StrokeDefinition,
} from './strokes';
export { strokeOfRole, takesPalette } from './roleStrokes';
export { sayChange } from './sayChange';
export { isOperand, withMeasures } from './withMeasures';
export { upgradeChart } from './upgrades';
export { type LabelPlace, labelPlaces, plainLook, type YardstickLook } from './yardstickLook';
