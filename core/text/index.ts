export { linesOf, namesWith, printChart, type TextLine, versionLine } from './printChart';
export { type ChartRead, type LineProblem, readChartText } from './readChart';
export { anyLine, type Said } from './typedLine';
