export { extremePlaces } from './standouts';
