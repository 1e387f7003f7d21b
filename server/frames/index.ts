export { type AskedByReader, FigureAnswers } from './answers';
export { FigureReader } from './figureReader';
export { type FindRows, rowsBehind } from './rowsBehind';
export { wordFinder } from './findWords';
export { measuresDrawn, readFrames, standingVersions } from './readFrames';
