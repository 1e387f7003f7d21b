export { pickOut, standoutPicks } from './standouts';
