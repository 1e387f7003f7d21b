import { dayOfDate } from '../../core/calendar';
import type { Reading } from '../../core/reading';
import { shownDay } from './firstDrafts';

const month = (at: number) => dayOfDate(2026, at, 1);
const positions = [1, 2, 3].map((at) => ({ start: month(at), next: month(at + 1) }));

it.each([
  ['today where it is shown', month(2) + 9, 'calendar', month(2) + 9],
  ['on the last day that is shown', month(4) - 1, 'calendar', month(4) - 1],
  ['in the middle once today lies behind', month(4), 'calendar', month(2)],
  ['in the middle while today lies before', month(1) - 1, 'calendar', month(2)],
  ['today over words', month(9), 'words', month(9)],
] as const)('begins a date %s', (_what, today, axis, wanted) => {
  expect(shownDay({ positions, axis, today } as unknown as Reading)).toBe(wanted);
});
