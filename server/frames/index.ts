export { type AskedByReader, FigureAnswers } from './answers';
export { FigureReader } from './figureReader';
export { rowsBehind } from './rowsBehind';
export { measuresDrawn, readFrames, standingVersions } from './readFrames';
