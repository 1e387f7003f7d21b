import { expect, test } from '../fixtures';
import { months, Walker } from './walker';

const quarters = ['2025-01-01', '2025-04-01', '2025-07-01', '2025-10-01'];

test('need 5: one measure by quarter as a line and circles of their own', async ({
  quietPage: page,
  emptyServer: { origin },
}) => {
  const walk = await Walker.before(page, origin, 'five', [
    [
      'Riders',
      ['Day,Riders', ...quarters.flatMap((day, at) => [`${day},${at + 1}`, `${day},${3 * at}`])],
    ],
  ]);
  await walk.draw();
  await walk.say('Riders is now 2 wide, points in brick, points 8 to 8 across');
  const figures = page.getByRole('table', { name: /^Figures of/ });
  // 1 + 0, 2 + 3, and so on: what is recorded by quarter is drawn so.
  for (const total of ['1', '5', '9', '13'])
    await expect(figures.getByRole('cell', { name: total, exact: true }).first()).toBeVisible();
  walk.ended('5');
});

test('need 16: a running total by month from daily rows, labelled at its end alone', async ({
  quietPage: page,
  emptyServer: { origin },
}) => {
  const days = months(2025, 6).flatMap((month) => [
    `${month},10`,
    `${month.slice(0, 8)}15,5`,
    `${month.slice(0, 8)}27,1`,
  ]);
  const walk = await Walker.before(page, origin, 'sixteen', [
    ['Daily', ['Day,Fares', ...days, '2025-06-30,4']],
  ]);
  await walk.draw();
  await walk.say('Fares is now as a running total', 'the last of Fares, labelled with value');
  await walk.pressed('Edit Highest of Fares');
  await walk.pressed(/^Remove Highest/);
  await walk.pressed('Edit Lowest of Fares');
  await walk.pressed(/^Remove Lowest/);
  // Six months of 16, and 4 on the last day.
  await expect(walk.rows('Standouts')).toContainText('100');
  walk.ended('16');
});

test('need 19: three years over the months, dotted and thicker above a level', async ({
  quietPage: page,
  emptyServer: { origin },
}) => {
  const years = [2023, 2024, 2025].flatMap((year, later) =>
    months(year, 12).map((month, at) => `${month},${80 + at * 2 + later * 10}`),
  );
  const walk = await Walker.before(page, origin, 'nineteen', [
    ['Three years', ['Month,Fares', ...years]],
  ]);
  await walk.draw();
  await walk.say(
    'with its years laid over each other',
    'where Fares is over 110, draw it in its own colour, dotted, 4 wide',
  );
  // 2024 in December; 2025 from July on, at 112 to 122, and in June at 110 not yet.
  await expect(walk.rows('Colour rules')).toContainText('7 of 36 figures');
  for (const year of ['2023', '2024', '2025'])
    await expect(page.locator('.end-label', { hasText: year })).toHaveCount(1);
  walk.ended('19');
});
