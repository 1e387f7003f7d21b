import { readNumber } from './cells';
import { isBlank } from './missing';
import { recogniseColumn, recogniseDecimalMark } from './recognise';

it.each([
  ['12', '.', 12],
  ['-12.50', '.', -12.5],
  ['1,234.5', '.', 1234.5],
  ['1.234,5', ',', 1234.5],
  ['1\u202f234,5', ',', 1234.5],
  ["1'234.5", '.', 1234.5],
  ['12,50', '.', null],
  ['12.50', ',', null],
  ['(3.5)', '.', -3.5],
  ['3.5-', '.', -3.5],
  ['\u22123.5', '.', -3.5],
  ['92.5%', '.', 0.925],
  ['1e-7', '.', 1e-7],
  ['.5', '.', 0.5],
  ['1,23,456', '.', null],
  ['12 km', '.', null],
  ['', '.', null],
  ['-', '.', null],
] as const)('reads %s with the mark %s', (text, mark, wanted) => {
  expect(readNumber(text, mark)).toBe(wanted);
});

it.each([
  ['', true],
  ['  ', true],
  ['n/a', true],
  ['NULL', true],
  ['-', true],
  ['0', false],
  ['-1', false],
  ['k.A.', false],
])('knows whether “%s” is blank', (text, wanted) => {
  expect(isBlank(text)).toBe(wanted);
});

it.each([
  [['1,5', '2,25', '3'], ','],
  [['1.5', '2.25', '3'], '.'],
  [['1.234,50', '7'], ','],
  [['1,234.50', '7'], '.'],
  [['1,234', '5,678'], '.'],
  [['5', '6'], '.'],
])('recognises the decimal mark of %j', (cells, wanted) => {
  expect(recogniseDecimalMark(cells)).toBe(wanted);
});

it.each([
  ['Day', ['2026-01-31', '', '2026-02-01'], 'date', 'YYYY-MM-DD'],
  ['Day', ['13/02/2026', '01/02/2026'], 'date', 'DD/MM/YYYY'],
  ['Day', ['02/13/2026', '01/02/2026'], 'date', 'MM/DD/YYYY'],
  ['Number', ['20260131', '20260201'], 'number', null],
  ['Date', ['20260131', '20260201'], 'date', 'YYYYMMDD'],
  ['Fares', ['1', '', 'n/a', '2.5'], 'number', null],
  ['Route', ['North', '2'], 'text', null],
  ['Nothing', ['', ''], 'text', null],
])('recognises the column %s of %j', (name, cells, kind, datePattern) => {
  expect(recogniseColumn(name, cells, '.')).toEqual({ name, kind, datePattern });
});
