export { Controls } from './Controls';
export { SelectField } from './SelectField';
