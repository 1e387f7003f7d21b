export { Controls } from './Controls';
export { DateField, OptionalDateField } from './DateField';
export { NumberField } from './NumberField';
export { NumberStyleFields, sampleFigure } from './NumberStyleFields';
export { Phrase } from './Phrase';
export { SelectField } from './SelectField';
