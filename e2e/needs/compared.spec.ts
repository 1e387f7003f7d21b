import { expect, test } from '../fixtures';
import { months, Walker } from './walker';

const routes = ['Osk', 'Fenn', 'Quill', 'Tarrow'];
const board = [
  'Month,Route,Passengers,Budget',
  ...months(2025, 12).flatMap((month, at) =>
    routes.map((route, of) => `${month},${route},${100 + of * 10 + at},${105 + of * 10}`),
  ),
];

test('need 12: four routes against their budgets in panels on one axis', async ({
  quietPage: page,
  emptyServer: { origin },
}) => {
  const walk = await Walker.before(page, origin, 'twelve', [['Board', board]]);
  await walk.draw();
  // All four together are on their budgets from June on: 5 more a route against 5 more a route.
  await expect(walk.rows('Colour rules')).toContainText('7 of 12 figures');
  await walk.press(page.getByRole('button', { name: 'Held against: Budget' }));
  await walk.pressed('Hold it against nothing');
  await walk.say(
    'Passengers is now a line for each word of Route, in indigo',
    'Budget is now a line for each word of Route',
    'in panels in a grid',
    'names in a legend',
    'separators in grey',
  );
  await expect(page.locator('.panel-title')).toHaveText([...routes].sort());
  await expect(page.locator('.legend-entry')).toHaveText([/Passengers/, /Budget/]);
  walk.ended('12');
});

test('need 14: an actual solid, a target dotted, both thick, a legend of bold words', async ({
  quietPage: page,
  emptyServer: { origin },
}) => {
  const walk = await Walker.before(page, origin, 'fourteen', [
    [
      'Fares',
      [
        'Month,Fares,Target',
        ...months(2025, 12).map((month, at) => `${month},${900 + at * 2},910`),
      ],
    ],
  ]);
  await walk.draw();
  await walk.say(
    'Fares is now in indigo, 5 wide',
    'Target is now in plum, dotted, 5 wide',
    'the value axis begins at the least figure',
    'names in a legend',
    'names in the colours of their lines, bold',
  );
  await expect(page.locator('.legend-entry.strong')).toHaveText(['Fares', 'Target', /./, /./]);
  // 900 to 908 fall short of 910.
  await expect(walk.rows('Colour rules')).toContainText('5 of 12 figures');
  walk.ended('14');
});

test('need 17: actuals, and from the next month on targets of another file, as one line', async ({
  quietPage: page,
  emptyServer: { origin },
}) => {
  const [first, rest] = [months(2026, 6), months(2026, 12).slice(6)];
  const walk = await Walker.before(page, origin, 'seventeen', [
    ['Fares', ['Month,Fares', ...first.map((month, at) => `${month},${50 + at}`)]],
    ['Targets', ['Month,Target', ...rest.map((month, at) => `${month},${60 + at}`)]],
  ]);
  await walk.draw();
  await walk.say(
    'Target is a target: the sum of Target in Targets',
    'Fares is now handed over to Target',
    'each date written whole',
  );
  await expect(page.locator('.chart-plot')).toContainText('Dec 2026');
  const figures = page.getByRole('table', { name: /^Figures of/ });
  await expect(figures.getByRole('row', { name: /^Target/ })).toContainText('65');
  walk.ended('17');
});
