import vectors from '../vectors/standouts.json';
import { pickOut } from './index';

const places = (...given: Parameters<typeof pickOut>) =>
  pickOut(...given).map(({ place }) => place);

it.each(vectors.cases)('picks out the extremes of $values', ({ values, highest, lowest }) => {
  expect(places([values], 'highest')).toEqual(highest.all);
  expect(places([values], 'lowest')).toEqual(lowest.all);
  const known = values.flatMap((figure, place) => (figure === null ? [] : [place]));
  expect(places([values], 'first')).toEqual(known.slice(0, 1));
  expect(places([values], 'last')).toEqual(known.slice(-1));
});

it('picks nothing where nothing is', () => {
  expect(pickOut([[null, null], []], 'highest')).toEqual([]);
  expect(pickOut([[null]], 'last')).toEqual([]);
});

it('picks the best over all lines, and the last of each', () => {
  const lines = [
    [3, 7, 1],
    [7, 2, null],
  ];
  expect(pickOut(lines, 'highest')).toEqual([
    { line: 0, place: 1, figure: 7 },
    { line: 1, place: 0, figure: 7 },
  ]);
  expect(pickOut(lines, 'last')).toEqual([
    { line: 0, place: 2, figure: 1 },
    { line: 1, place: 1, figure: 2 },
  ]);
});
