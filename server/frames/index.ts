export { FigureAnswers } from './answers';
export { FigureReader } from './figureReader';
export { readFrames, standingVersions } from './readFrames';
