export { boardCharts, boardNotes } from './board';
export { type DemoFile, ferryFiles } from './ferries';
export { demoMeasures, markCharts } from './marks';
export { wayCharts } from './ways';
