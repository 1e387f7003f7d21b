import { groupsOf } from './groups';

const lines = (...groups: (string | null)[]) =>
  groups.map((group, at) => ({ id: `line ${at}`, group }));

it('gathers lines by the word that gives them their colour, in the order in which they stand', () => {
  expect(groupsOf(lines('open', 'sheltered', null, 'open'))).toEqual([
    { word: 'open', lines: ['line 0', 'line 3'] },
    { word: 'sheltered', lines: ['line 1'] },
  ]);
});

it.each([
  ['no line has one', [null, null]],
  ['all lines are of one', ['open', 'open']],
  ['each line is one of its own', ['open', 'sheltered']],
])('tells of none where %s', (_why, groups) => {
  expect(groupsOf(lines(...groups))).toEqual([]);
});
