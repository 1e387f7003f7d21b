export { MeasuresPart } from './MeasuresPart';
