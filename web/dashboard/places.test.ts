import { movePlace, placeBelow } from './places';

const place = { x: 3, y: 2, w: 6, h: 7 };

it.each([
  ['ArrowRight', false, { ...place, x: 4 }],
  ['ArrowUp', false, { ...place, y: 1 }],
  ['ArrowLeft', true, { ...place, w: 5 }],
  ['ArrowDown', true, { ...place, h: 8 }],
  ['Enter', false, null],
])('moves by %s (resizing: %s)', (key, resize, wanted) => {
  expect(movePlace(place, key, resize)).toEqual(wanted);
});

it.each([
  ['beyond the left', { ...place, x: 0 }, 'ArrowLeft', false],
  ['beyond the right', { ...place, x: 6 }, 'ArrowRight', false],
  ['above the top', { ...place, y: 0 }, 'ArrowUp', false],
  ['narrower than can be read', { ...place, w: 3 }, 'ArrowLeft', true],
  ['lower than can be read', { ...place, h: 4 }, 'ArrowUp', true],
  ['wider than the grid', { ...place, x: 6 }, 'ArrowRight', true],
])('goes no further: %s', (_, from, key, resize) => {
  expect(movePlace(from, key, resize)).toBeNull();
});

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
