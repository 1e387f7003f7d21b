import type { GoodSide } from '../chart';
import { heldAt, plainLine } from '../testing';
import type { Stroked } from './judged';
import { strokePieces } from './strokes';

/** The pieces of a line of figures held against zero, each as its path and how it is drawn. */
function drawn(
  figures: (number | null)[],
  { good = 'atLeast' as GoodSide, ...more }: Partial<Stroked> & { good?: GoodSide } = {},
) {
  const line = { ...plainLine(figures), ...more };
  return strokePieces(line, heldAt(figures, good, line.open)).map((piece) => [
    piece.x.map((at, place) => `${at}:${piece.y[place]}`).join(' '),
    piece.judgement,
    ...(piece.open ? ['open'] : []),
    ...(piece.bridged ? ['bridged'] : []),
  ]);
}

it.each([
  ['goes on while nothing changes', [1, 2, 3], [['0:1 10:2 20:3', 'on']]],
  ['is on the mark where it lies exactly on it', [0, 0, 0], [['0:0 10:0 20:0', 'on']]],
  [
    'turns exactly where it crosses',
    [4, -4],
    [
      ['0:4 5:0', 'on'],
      ['5:0 10:-4', 'off'],
    ],
  ],
  [
    'crosses nearer to the smaller distance',
    [-1, 3],
    [
      ['0:-1 2.5:0', 'off'],
      ['2.5:0 10:3', 'on'],
    ],
  ],
  [
    'turns at a point that lies on the mark, by the side it leaves to',
    [2, 0, -2],
    [
      ['0:2 10:0', 'on'],
      ['10:0 20:-2', 'off'],
    ],
  ],
  [
    'is off up to a point on the mark that it comes to from there',
    [-2, 0, -2],
    [['0:-2 10:0 20:-2', 'off']],
  ],
  [
    'breaks at what is missing',
    [1, null, 1],
    [
      ['0:1', 'on'],
      ['20:1', 'on'],
    ],
  ],
  [
    'draws a lone point by its own side',
    [null, -1, null, 1, 1],
    [
      ['10:-1', 'off'],
      ['30:1 40:1', 'on'],
    ],
  ],
  ['draws a lone point on the mark as on it', [0], [['0:0', 'on']]],
])('%s', (_, differences, pieces) => {
  expect(drawn(differences)).toEqual(pieces);
});

it('turns the good side for what shall be at most', () => {
  expect(drawn([4, -4], { good: 'atMost' })).toEqual([
    ['0:4 5:0', 'off'],
    ['5:0 10:-4', 'on'],
  ]);
});

it('does not judge a stroke that begins or ends in an open period', () => {
  const open = [false, false, true, false, false];
  expect(drawn([1, 1, -1, 1, 1], { open })).toEqual([
    ['0:1 10:1', 'on'],
    ['10:1 20:-1 30:1', null, 'open'],
    ['30:1 40:1', 'on'],
  ]);
  expect(drawn([null, null, -1], { open })).toEqual([['20:-1', null, 'open']]);
});

it('does not judge where there is nothing to judge by, and draws all the same', () => {
  const figures = [1, 2, 3, null, 5];
  const held = heldAt([1, 2, null, null, null], 'atLeast');
  const style = { rule: null, open: false, bridged: false };
  expect(strokePieces(plainLine(figures), held)).toEqual([
    { ...style, judgement: 'on', x: [0, 10], y: [1, 2] },
    { ...style, judgement: null, x: [10, 20], y: [2, 3] },
    { ...style, judgement: null, x: [40], y: [5] },
  ]);
  expect(strokePieces(plainLine(figures), null).map(({ judgement }) => judgement)).toEqual([
    null,
    null,
  ]);
});

it('keeps apart what is drawn alike and does not meet', () => {
  expect(drawn([1, 1, null, 1, 1])).toEqual([
    ['0:1 10:1', 'on'],
    ['30:1 40:1', 'on'],
  ]);
});

it('colours a bridged gap as a stroke is, and says that it is one', () => {
  expect(drawn([2, null, -2], { bridges: true })).toEqual([
    ['0:2', 'on'],
    ['0:2 10:0', 'on', 'bridged'],
    ['10:0 20:-2', 'off', 'bridged'],
    ['20:-2', 'off'],
  ]);
});

it('draws a carried figure without judging it', () => {
  expect(drawn([2, null, -2], { drawn: [2, 2, -2] })).toEqual([
    ['0:2 10:2 20:-2', null, 'bridged'],
  ]);
});

it('passes over a position that the line does not have, and ends where another takes over', () => {
  expect(drawn([1, null, 3], { absent: [false, true, false] })).toEqual([['0:1 20:3', 'on']]);
  expect(drawn([1, 2, 3], { handsOver: 1, open: [false, false, true] })).toEqual([
    ['0:1 10:2', 'on'],
    ['20:3', null, 'open'],
  ]);
});

it('colours steps from edge to edge', () => {
  expect(drawn([2, -2], { shape: 'stepped' })).toEqual([
    ['-5:2 0:2 5:2', 'on'],
    ['5:2 5:-2 10:-2 15:-2', 'off'],
  ]);
});
