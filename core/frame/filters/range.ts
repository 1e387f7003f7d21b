import { columnOf, type Entry, type Said, Sentence, ways } from '../../sentences';

/** What lies between two ends of a column: null for an end that is open. */
interface Range {
  kind: string;
  column: string;
  from: unknown;
  to: unknown;
}

/** What is said of a range between its column and its ends. */
interface RangeWords {
  /** what its column holds */
  of: 'number' | 'date';
  /** before the only end that it has, as in "is at least" */
  least: string;
  most: string;
  /** where it has none */
  any: string;
}

/** The sentence of a range of a column: from an end to an end, or with one of them, or open. */
export const rangeSentence = <Filter extends Range>(
  kind: Filter['kind'],
  end: Entry<Filter['from']>,
  { of, least, most, any }: RangeWords,
): Said<Filter> => {
  const about = (given: Partial<Range>) =>
    Sentence.of<Range>({ kind, ...given }).slot('column', columnOf(of));
  const all = ways<Range>(
    [({ from, to }) => from === null && to === null, about({ from: null, to: null }).words(any)],
    [
      ({ from, to }) => from !== null && to !== null,
      about({}).words(' is from ').slot('from', end).words(' to ').slot('to', end),
    ],
    [({ from }) => from !== null, about({ to: null }).words(least).slot('from', end)],
    [() => true, about({ from: null }).words(most).slot('to', end)],
  );
  // A filter is a range of its own kind of ends, which the end that was given reads.
  return all as unknown as Said<Filter>;
};
