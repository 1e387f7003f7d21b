import vectors from '../vectors/standouts.json';
import { extremePlaces } from './standouts';

it.each(vectors.cases)('picks out the extremes of $values', ({ values, highest, lowest }) => {
  expect(extremePlaces(values, 'highest')).toEqual(highest.all);
  expect(extremePlaces(values, 'lowest')).toEqual(lowest.all);
});

it('picks nothing where nothing is', () => {
  expect(extremePlaces([null, null], 'highest')).toEqual([]);
});
