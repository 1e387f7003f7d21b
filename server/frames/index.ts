export { FigureReader } from './figureReader';
export { readFrames } from './readFrames';
