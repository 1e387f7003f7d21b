export { linesOf, namesWith, printChart, type TextLine, versionLine } from './printChart';
export type { Answers, Asked } from './identify';
export { type ChartRead, type LineProblem, readChartText } from './readChart';
export { anyLine, type Typed } from './typedLine';
export { previewOf, withTyped } from './withTyped';
export { type Suggested, suggestedLines } from './suggestions';
export { type ChangedLine, changedLines, sayChange } from './changes';
