import { type AggregateKind, aggregateKinds, filterEntry } from '../frame';
import { writeOrdinal } from '../labels';
import {
  between,
  column,
  columnOf,
  type Entry,
  nullable,
  oneOf,
  ordinal,
  type Said,
  Sentence,
  several,
  ways,
} from '../sentences';
import type { Aggregated } from './measure';

const nouns = (kinds: readonly AggregateKind<Aggregated['aggregate']>[]) =>
  oneOf(kinds.map(({ name, noun }) => [name, noun] as const));

const isOf = (kinds: readonly AggregateKind<Aggregated['aggregate']>[], name: string) =>
  kinds.some((each) => each.name === name);

/** What rows can be taken as first: an aggregate that needs figures says so where it finds none. */
const ofRows = [...aggregateKinds]
  .filter(({ percent }) => !percent)
  .sort((one, two) => Number(two.ofRows ?? false) - Number(one.ofRows ?? false));
const ofAny = aggregateKinds.filter((each) => each.ofOthers);
const ofFigures = aggregateKinds.filter(({ ofOthers, percent }) => !ofOthers && !percent);
const ofPlace = aggregateKinds.filter(({ percent }) => percent);

/** What is taken, which is no rows. */
const figures = columnOf('number') as Entry<string | null>;

/** Which rows are counted. */
export const onlyWhere = Sentence.of<Pick<Aggregated, 'filters'>>().option(
  'filters',
  [],
  between('only where ', several(filterEntry)),
);

/**
 * How figures are taken from rows, in a sentence: what can be counted, and what takes figures.
 * @param kind of what is said
 * @param more what follows the column
 */
export function takenSaid<Definition extends Aggregated & { kind: string }>(
  kind: Definition['kind'],
  more: Sentence<Definition>,
): Said<Definition> {
  type Taken = Aggregated & { kind: string };
  const taken = (given: Partial<Taken>) => Sentence.of<Taken>({ kind, ...given }).words('the ');
  const all = ways<Taken>(
    [
      ({ aggregate }) => isOf(ofPlace, aggregate),
      taken({ aggregate: 'percentile' })
        .slot('percent', ordinal(writeOrdinal, { from: 0, to: 100 }))
        .words(' percentile of ')
        .slot('column', nullable('rows', columnOf('number')) as Entry<string | null>),
    ],
    [
      ({ column: of }) => of === null,
      taken({ percent: 50, column: null })
        .slot('aggregate', nouns(ofRows), 'Taken')
        .words(' of rows'),
    ],
    [
      ({ aggregate }) => isOf(ofAny, aggregate),
      taken({ percent: 50 })
        .slot('aggregate', nouns(ofAny), 'Taken')
        .words(' of ')
        .slot('column', column as Entry<string | null>),
    ],
    [
      () => true,
      taken({ percent: 50 })
        .slot('aggregate', nouns(ofFigures), 'Taken')
        .words(' of ')
        .slot('column', figures),
    ],
  ).and(more as unknown as Sentence<object>);
  // What is said of anything that is aggregated is said of this.
  return all as unknown as Said<Definition>;
}
