export { Peek } from './Peek';
