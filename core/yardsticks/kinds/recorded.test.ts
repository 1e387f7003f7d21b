import { nothingFound } from './kind';
import { findYardsticks } from './index';

const recorded = { id: 'log', kind: 'recorded', name: 'Log', date: 'Day', label: 'What' } as const;
const days = [
  { day: 9, name: 'Before' },
  { day: 10, name: 'Storm' },
  { day: 29, name: '' },
  { day: 30, name: 'After' },
];
const positions = [
  { start: 10, next: 20, middle: 15, open: false, label: 'one' },
  { start: 20, next: 30, middle: 25, open: false, label: 'two' },
];
const find = (axis: 'calendar' | 'words', known: typeof days | undefined) =>
  findYardsticks([{ ...recorded, sourceId: 1 }], {
    axis,
    positions,
    lines: [],
    today: 0,
    yearStart: 1,
    dials: new Map(),
    recorded: known && { log: known },
  })[0];

it('stands at the dates of its source that are shown, each by its own name', () => {
  expect(find('calendar', days)).toMatchObject({ days: [10, 29], names: ['Storm', ''] });
});

it('finds nothing where there is no calendar, or nothing has come from its source', () => {
  expect(find('words', days)?.days).toEqual([]);
  expect(find('calendar', undefined)).toMatchObject({ ...nothingFound, names: [] });
});
