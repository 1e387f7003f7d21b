import { layWords } from './layWords';

const weekdays = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];
const ports = Array.from({ length: 30 }, (_, at) => `Port ${at + 1} of the northern isles`);

it.each<[string, string[], number, object]>([
  ['stand in one line', weekdays, 700, { turned: false, shown: 7, most: 1 }],
  [
    'stand in lines',
    ['Bank holiday', 'Friday, with the late boat'],
    200,
    { turned: false, shown: 2, most: 2 },
  ],
  ['stand upright', weekdays, 200, { turned: true, shown: 7, most: 1 }],
  [
    'stand upright, some of them',
    [...weekdays, ...weekdays, ...weekdays],
    200,
    { turned: true, shown: 11, most: 1 },
  ],
  ['thin out whole', ports, 600, { turned: false, shown: 10, most: 4 }],
  [
    'find no room at all',
    ['Pneumonoultramicroscopic', 'Floccinaucinihilipilification'],
    60,
    { shown: 0 },
  ],
])('words that %s', (_, words, width, wanted) => {
  const { lines, turned, height } = layWords(words, width, 11);
  const shown = lines.filter((each) => each !== null);
  const most = Math.max(0, ...shown.map((each) => each.length));
  expect({ turned, shown: shown.length, most }).toMatchObject(wanted);
  expect(shown.map((each) => each.join(' '))).toEqual(words.filter((_, at) => lines[at]));
  expect(height).toBeLessThan(110);
});
