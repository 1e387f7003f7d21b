import { datesFilter } from './dates';
import { sayFilters } from '../../figures/drawnChart';
import { numbersFilter } from './numbers';
import { wordsFilter } from './words';

it('keeps all while no word is chosen, whichever way', () => {
  for (const keep of [true, false]) {
    const filter = { kind: 'words' as const, column: 'Route', words: [], keep };
    expect(wordsFilter.compares(filter)).toEqual({
      is: 'not',
      of: { is: 'among', column: 'Route', words: [] },
    });
    expect(wordsFilter.say(filter)).toBe('any Route');
    expect(sayFilters([{ filter, rest: 'removed' }])).toBe('');
  }
});

it.each([
  [null, null, 'any Year', 'any Year'],
  [null, '2026-05-01', 'Year up to 2026-05-01', 'Year at most 5'],
  ['2026-01-01', null, 'Year from 2026-01-01', 'Year at least 1'],
  ['2026-01-01', '2026-05-01', 'Year from 2026-01-01 to 2026-05-01', 'Year from 1 to 5'],
])('says a range from %s to %s, and no end that nobody has set', (from, to, dates, numbers) => {
  const figure = (text: string | null) => (text === null ? null : Number(text.slice(5, 7)));
  const ends = { from, to };
  expect(datesFilter.say({ kind: 'dates', column: 'Year', ...ends })).toBe(dates);
  const given = { from: figure(ends.from), to: figure(ends.to) };
  expect(numbersFilter.say({ kind: 'numbers', column: 'Year', ...given })).toBe(numbers);
});
