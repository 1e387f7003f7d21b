export { testChart, testFrame, testSeries } from './charts';
export { plainLine } from './plainLine';
