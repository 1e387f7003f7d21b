import { between, columnOf, formulaOver, ofKind, Sentence } from '../sentences';
import type { AggregateMeasure, FormulaMeasure, MeasureDefinition } from './measure';
import { onlyWhere, takenSaid } from './takenSaid';

const dated = Sentence.of<AggregateMeasure>().optionBy(
  'date',
  (_, { column = [] }) => String(column.find(({ kind }) => kind === 'date')?.id ?? ''),
  between('dated by ', columnOf('date')),
);

/** A measure of a source, in a sentence. */
export const measureEntry = ofKind<MeasureDefinition>([
  { kind: 'aggregate', sentence: takenSaid<AggregateMeasure>('aggregate', onlyWhere.and(dated)) },
  {
    kind: 'formula',
    sentence: Sentence.of<FormulaMeasure>({ kind: 'formula' })
      .words('worked out as ')
      .slot('text', formulaOver('measure')),
  },
]);
