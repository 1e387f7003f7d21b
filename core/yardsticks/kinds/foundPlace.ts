import { mixed, object, string } from 'yup';
import { oneOf, partName, Sentence } from '../../sentences';
import { firstSeries, type YardstickKind } from './kind';
import { finishedPlaces, standsAt } from './standsAt';

const foundPlaces = ['highest', 'lowest', 'first', 'last'] as const;

/** A line that finds its place: where a series is highest or lowest, begins or ends. */
export interface FoundPlaceDefinition {
  id: string;
  kind: 'foundPlace';
  name: string;
  series: string;
  is: (typeof foundPlaces)[number];
}

export const foundPlace: YardstickKind<FoundPlaceDefinition> = {
  kind: 'foundPlace',
  drawnAs: 'dates',
  sentence: Sentence.of<FoundPlaceDefinition>({ kind: 'foundPlace' })
    .words('a line where ')
    .slot('series', partName('series'))
    .words(' ')
    .slot(
      'is',
      oneOf<FoundPlaceDefinition['is']>([
        ['highest', 'is highest'],
        ['lowest', 'is lowest'],
        ['first', 'begins'],
        ['last', 'ends'],
      ]),
    ),
  schema: () =>
    object({
      id: string().required().max(40),
      kind: mixed<'foundPlace'>().oneOf(['foundPlace']).required(),
      name: string().required().trim().min(1).max(120),
      series: string().required().max(40),
      is: mixed<FoundPlaceDefinition['is']>().oneOf(foundPlaces).required(),
    }),
  drafts: (about) => [{ kind: 'foundPlace', series: firstSeries(about), is: 'highest' }],
  named: ({ is }) => ({ highest: 'Highest', lowest: 'Lowest', first: 'First', last: 'Last' })[is],
  find: ({ series, is }, context) => {
    const figures = finishedPlaces(context, series);
    // Of equal ones the first.
    const most = (way: 1 | -1) =>
      figures.reduce<(typeof figures)[number] | undefined>(
        (best, each) => (best && way * best.value >= way * each.value ? best : each),
        undefined,
      );
    const found = {
      highest: () => most(1),
      lowest: () => most(-1),
      first: () => figures[0],
      last: () => figures.at(-1),
    }[is]();
    return standsAt(context, found?.place ?? -1);
  },
};
