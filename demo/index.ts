export { boardCharts, boardNotes } from './board';
export { type DemoFile, ferryFiles } from './ferries';
export { wayCharts } from './ways';
