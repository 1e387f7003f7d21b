export { NewCompanion } from './NewCompanion';
export { PeekDialog } from './PeekDialog';
