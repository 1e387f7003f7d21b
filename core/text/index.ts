export { linesOf, namesWith, printChart, type TextLine, versionLine } from './printChart';
export { partOfChart } from './partOfChart';
export type { Answers, Asked } from './identify';
export { type ChartRead, type LineProblem, readChartText } from './readChart';
export { anyLine, type Typed } from './typedLine';
export { previewOf, withTyped } from './withTyped';
export { type Suggested, suggestions } from './suggestions';
export { type ChangedLine, changedLines, sayChange } from './changes';
export {
  axisSaid,
  linkingSaid,
  lookLines,
  peekSaid,
  replaySaid,
  secondAxisSaid,
} from './lookLines';
export { filterLine, ruleLine, standoutLine, yardstickAlone } from './lines';
export { goodSide, type Head, headLine, markSaid, seriesSaid } from './seriesLine';
