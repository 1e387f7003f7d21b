export { namesOf, readOver, readWritten, tableOf, type Typed } from './tables';
export { testChart, testFrame, testSeries } from './charts';
export { heldAt, plainLine } from './plainLine';
export { around, randomCharts } from './randomChart';
export { sentenceOf, sentencesOf } from './sentencesOf';
