export {
  type AxesDefinition,
  type AxisStart,
  plainAxes,
  plainAxis,
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
export {
  type ChartDefinition,
  type ColourRuleDefinition,
  type DrawnChart,
  type DrawnSeries,
  type GoodSide,
  labelParts,
  type MarkDefinition,
  type NamesDefinition,
  ruleEffects,
  type SeriesDefinition,
  type SplitDefinition,
  type StandoutDefinition,
  type StyledYardstick,
} from './definition';
export {
  freeName,
  isSamePart,
  longestName,
  namedAlready,
  type NamedPart,
  namedParts,
  type Part,
} from './parts';
export { plainChart, plainSeries } from './plainChart';
export { plainReplay, type ReplayDefinition, replaySeconds } from './replay';
export { strokeOfRole, takesPalette } from './roleStrokes';
export { type Role, roles, roleWords } from './roles';
export { chartSchema, parseChart } from './schema';
export { type Reach, reachOf, type SpanDefinition, spanEntry } from './spans';
export {
  type Colour,
  colours,
  colourSchema,
  freeColour,
  isColour,
  type NamedColour,
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
  strokeWidths,
} from './strokes';
export {
  type PeekLine,
  plainPeekLine,
  type PeekDefinition,
  plainLinking,
  type LinkingDefinition,
  peekAt,
  peekWidths,
} from './linking';
export { upgradeChart } from './upgrades';
export { type LabelPlace, plainLook, type YardstickLook } from './yardstickLook';
export { type Side, sides } from '../standouts';
export { plainSheet, type SheetDefinition } from './sheet';
