export { fetchAnswer } from './answers';
export { expectPage, forgetStills, recallStill, sayDrawn, takeStillAway } from './still';
