export {
  type DateDial,
  dayAt,
  type DialDefinition,
  dialSchema,
  type DialValue,
  type DialValues,
  dialValues,
  type NumberDial,
  numberAt,
} from './dial';
