export { Controls } from './Controls';
export { Phrase } from './Phrase';
export { SelectField } from './SelectField';
