import { datePatterns, namesOffset, readDate } from '../calendar';
import { prepareRows, suggestSteps } from '../preparation';
import { doubtful, cellReader, doubleReadings, naturalOrder, readNumber } from './index';
import { recogniseColumn, recogniseDecimalMark, unitOf } from './recognise';

/**
 * So long that a pattern whose work grows with the square of a cell, rather than with its length, would
 * be at it for hours.
 */
const long = 400_000;

/** A cell that begins like something known and goes on, and on, and then is something else. */
const shapes: [begin: string, goesOn: string, end: string][] = [
  ['1', ' ', 'x'],
  ['1', '\u00a0', 'x'],
  ['', ' ', '€x'],
  ['1', '0', 'x'],
  ['1', ',000', 'x'],
  ['1', '.5', 'x'],
  ['1.1', '1', 'x'],
  ['-', '-', '1'],
  ['(', '(', '1)'],
  ['1', '€', 'x'],
  ['2026-01-01', 'T', '1'],
  ['2026-01-01', '1:11', 'Z'],
  ['1', ' 1:11', 'Z'],
  ['Jan', ' ', '2026x'],
  ['Q1', '-', '2026'],
  ['a', 'a', '1'],
  ['', '[', ']'],
];
const cells = shapes.map(
  ([begin, goesOn, end]) => begin + goesOn.repeat(long / goesOn.length) + end,
);
const context = { zone: 'UTC', fiscalStart: 1 };
const writing = { decimalMark: '.' as const, zone: 'UTC', missing: null };

it.each(cells.map((cell) => [`${cell.slice(0, 12)} …`, cell]))(
  'is done with %s at once',
  (_, cell) => {
    for (const mark of ['.', ','] as const) readNumber(cell, mark);
    for (const pattern of datePatterns) readDate(cell, pattern, context);
    namesOffset(cell);
    unitOf(cell);
    const column = [cell, cell, 'x'];
    expect(recogniseDecimalMark(column)).toMatch(/[.,]/);
    expect(doubleReadings(column)).toEqual([]);
    expect(naturalOrder(column)).toHaveLength(3);
    const found = recogniseColumn(cell, column, '.');
    expect(found.kind).toBe('text');
    for (const kind of ['number', 'date', 'text'] as const) {
      const read = cellReader({ name: 'c', kind, datePattern: 'YYYY-MM-DD' }, writing);
      expect(read(cell)).toBe(doubtful);
    }
    const rows = [
      ['Day', cell],
      ['2026-01-01', cell],
      [cell, '1'],
    ];
    const steps = suggestSteps({ writing, firstRows: rows, title: cell, lookups: new Map() });
    prepareRows(steps.steps, { writing, firstRows: rows }, rows);
  },
);
