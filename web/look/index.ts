export { greyed, page, shades } from './colours';
export { Empty } from './Empty';
export { Pennant } from './Pennant';
export { SelectField } from './SelectField';
export { StrokeSample } from './StrokeSample';
export { theme } from './theme';
export { useUndo } from './useUndo';
export { Wordmark } from './Wordmark';
