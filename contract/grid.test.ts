import { placeBelow } from './grid';

it.each([
  ['on an empty board', [], { x: 0, y: 0, w: 6, h: 7 }],
  ['beside a lone chart', [{ x: 0, y: 0, w: 6, h: 5 }], { x: 6, y: 0, w: 6, h: 5 }],
  [
    'under a full row',
    [
      { x: 0, y: 0, w: 6, h: 5 },
      { x: 6, y: 0, w: 6, h: 5 },
    ],
    { x: 0, y: 5, w: 6, h: 7 },
  ],
  ['under a wide chart', [{ x: 0, y: 0, w: 12, h: 5 }], { x: 0, y: 5, w: 6, h: 7 }],
  ['whatever is not placed', [null, { x: 0, y: 0, w: 12, h: 5 }], { x: 0, y: 5, w: 6, h: 7 }],
])('finds a free place %s', (_, places, wanted) => {
  expect(placeBelow(places)).toEqual(wanted);
});
