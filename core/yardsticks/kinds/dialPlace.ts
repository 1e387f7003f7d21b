import { mixed, object, string } from 'yup';
import { partName, Sentence } from '../../sentences';
import type { YardstickKind } from './kind';
import { placeCalled } from './place';
import { standsAt } from './standsAt';

/** A line on the word or the figure along the axis at which a dial stands. */
export interface DialPlaceDefinition {
  id: string;
  kind: 'dialPlace';
  name: string;
  dial: string;
}

export const dialPlace: YardstickKind<DialPlaceDefinition> = {
  kind: 'dialPlace',
  drawnAs: 'dates',
  sentence: Sentence.of<DialPlaceDefinition>({ kind: 'dialPlace' })
    .words('a line on the place set by ')
    .slot('dial', partName('dial')),
  schema: () =>
    object({
      id: string().required().max(40),
      kind: mixed<'dialPlace'>().oneOf(['dialPlace']).required(),
      name: string().required().trim().min(1).max(120),
      dial: string().defined().max(40),
    }),
  named: () => 'Place',
  find: ({ dial }, context) =>
    standsAt(context, placeCalled(context, String(context.dials.get(dial) ?? ''))),
};
