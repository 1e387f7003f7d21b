import { expect, test } from '../fixtures';
import { months, Walker } from './walker';

const fares = [110, 120, 130, 105, 140, 115, 108, 125, 90, 85, 95, 118];
const board = (year: number, by = 1) => [
  'Month,Fares (£)',
  ...months(year, 12).map((month, at) => `${month},${(fares[at] ?? 0) * by}`),
];

test('need 8: fares with their mean, shaded, and the same for next year', async ({
  quietPage: page,
  emptyServer: { origin },
}) => {
  const walk = await Walker.before(page, origin, 'eight', [
    ['Fares 2024', board(2024)],
    ['Fares 2025', board(2025, 2)],
  ]);
  await walk.draw();
  await walk.say('a line at the mean of Fares, in plum');
  // 1341 / 12, to four digits.
  await expect(walk.rows('Yardsticks')).toContainText('£111.8');
  await walk.pressed('Edit Mean');
  await walk.press(page.getByRole('combobox', { name: 'Say more: Mean' }));
  await walk.option('only shading beneath');
  // Thin, half as wide as the line of the fares; once it is shaded alone there is none.
  const lines = page.locator('.chart-plot .shapelayer path[style*="stroke-width: 1.2px"]');
  await expect(lines).toHaveCount(0);
  await walk.press(page.getByRole('radio', { name: 'shaded beneath', exact: true }));
  await expect(lines).toHaveCount(1);
  await walk.place();
  const first = walk.sheet('Fares by month').first();
  await expect(first).toContainText('Mean £111.8');
  await first.hover();
  await walk.press(first.getByRole('button', { name: 'Change Fares by month' }));
  await walk.item('Copy it, drawn from Fares 2025');
  await expect(walk.sheet('Fares by month').nth(1)).toContainText('Mean £223.5');
  walk.ended('8');
});

test('need 9: a smooth line of one colour below a target and another above', async ({
  quietPage: page,
  emptyServer: { origin },
}) => {
  const walk = await Walker.before(page, origin, 'nine', [['Fares', board(2025)]]);
  await walk.draw();
  await walk.say(
    'Fares is now smooth',
    'Low is a target: 100 throughout, in grey, dashed, 0.5 wide',
    'Fares is to be at least Low',
  );
  // 90, 85 and 95 lie below.
  await expect(walk.rows('Colour rules')).toContainText('3 of 12 figures');
  await expect(walk.rows('Colour rules')).toContainText('9 of 12 figures');
  walk.ended('9');
});

test('need 15: a median, a range, a band of deviations and bands of equal count, on two axes', async ({
  quietPage: page,
  emptyServer: { origin },
}) => {
  const fuel = [40, 44, 48, 52, 36, 40, 44, 48, 52, 36, 40, 60];
  const walk = await Walker.before(page, origin, 'fifteen', [
    [
      'Board',
      [
        'Month,Fares,Fuel',
        ...months(2025, 12).map((month, at) => `${month},${fares[at]},${fuel[at]}`),
      ],
    ],
  ]);
  await walk.draw();
  await walk.press(page.getByRole('combobox', { name: 'Add to Series' }));
  await walk.option(/^from Board/);
  await walk.press(page.getByRole('combobox', { name: 'Add to Yardsticks' }));
  await walk.option(/^a set of 5 bands with equally many figures/);
  await walk.say(
    'Fuel is now on the second value axis',
    'a line at the median of Fares, in plum, 3 wide, labelled "Half: {value}"',
    'a line at the 90th percentile of Fares, shaded above',
    'a band from the mean of Fuel less 2 deviations to the mean of Fuel less 1 deviation',
  );
  const rows = walk.rows('Yardsticks');
  // Of 85, 90, 95, 105, 108, 110, 115, 118, 120, 125, 130 and 140: the middle two, and 0.9 of the way.
  await expect(rows).toContainText('112.5');
  await expect(rows).toContainText('129.5');
  // Fuel: mean 45, sample deviation 7.1414; 45 less twice and once that.
  await expect(rows).toContainText('30 to 38');
  walk.ended('15');
});
