import { mixed, object, string } from 'yup';
import { Sentence, word } from '../../sentences';
import type { YardstickContext } from '../context';
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
  find: ({ at }, context) => standsAt(context, placeCalled(context, at)),
};

/** The place of a word along the axis, or of a figure as it is written, from 0; -1 for none. */
export function placeCalled({ axis, positions }: YardstickContext, at: string): number {
  const figure = at.trim() === '' ? NaN : Number(at.replaceAll(',', ''));
  return positions.findIndex(
    ({ label, middle }) => label === at || (axis === 'numbers' && middle === figure),
  );
}
