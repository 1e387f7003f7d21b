import { parseDay } from '../calendar';
import { writeStretch } from './stretch';

it.each([
  ['2026-04-01', '2026-04-30', 'Apr 2026'],
  ['2026-04-01', '2026-12-31', 'Apr to Dec 2026'],
  ['2025-11-01', '2026-02-28', 'Nov 2025 to Feb 2026'],
  ['2026-01-01', '2026-12-31', '2026'],
  ['2024-01-01', '2026-12-31', '2024 to 2026'],
  // A day short of a month is days.
  ['2026-04-01', '2026-04-29', '1 Apr to 29 Apr 2026'],
  ['2024-02-01', '2024-02-28', '1 Feb to 28 Feb 2024'],
  ['2024-02-01', '2024-02-29', 'Feb 2024'],
  ['2025-12-29', '2026-01-04', '29 Dec 2025 to 4 Jan 2026'],
  ['2026-04-07', '2026-04-07', '7 Apr 2026'],
])('writes what lies from %s to %s as %s', (from, to, words) => {
  expect(writeStretch(parseDay(from) ?? 0, parseDay(to) ?? 0)).toBe(words);
});
