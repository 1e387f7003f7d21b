import { mixed, object, string } from 'yup';
import type { Position } from '../../arrangements';
import { Sentence, word } from '../../sentences';
import type { YardstickKind } from './kind';
import { standsAt } from './standsAt';

/** A line on a word or a figure that stands along the axis. */
export interface PlaceDefinition {
  id: string;
  kind: 'place';
  name: string;
  /** the word, or the figure as it is written */
  at: string;
}

export const place: YardstickKind<PlaceDefinition> = {
  kind: 'place',
  drawnAs: 'dates',
  sentence: Sentence.of<PlaceDefinition>({ kind: 'place' })
    .words('a line on the place ')
    .slot('at', word),
  schema: () =>
    object({
      id: string().required().max(40),
      kind: mixed<'place'>().oneOf(['place']).required(),
      name: string().required().trim().min(1).max(120),
      at: string().defined().max(500),
    }),
  named: ({ at }) => at.slice(0, 120) || 'Place',
  find: ({ at }, context) => {
    const figure = at.trim() === '' ? NaN : Number(at.replaceAll(',', ''));
    const isIt = ({ label, middle }: Position) =>
      label === at || (context.axis === 'numbers' && middle === figure);
    return standsAt(context, context.positions.findIndex(isIt));
  },
};
