export { Controls } from './Controls';
export { NumberField, OptionalNumberField } from './NumberField';
export { NumberStyleFields, sampleFigure } from './NumberStyleFields';
export { Phrase } from './Phrase';
export { SelectField } from './SelectField';
