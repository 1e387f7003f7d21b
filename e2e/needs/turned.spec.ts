import { expect, test } from '../fixtures';
import { months, Walker } from './walker';

test('need 10: days by route in panels, a bold today line set back on a reader’s control', async ({
  quietPage: page,
  emptyServer: { origin },
  browser,
}) => {
  const days = months(2025, 12)
    .concat(months(2026, 7))
    .flatMap((day) => [`${day},Osk,5`, `${day},Fenn,7`]);
  const walk = await Walker.before(page, origin, 'ten', [['Daily', ['Day,Route,Fares', ...days]]]);
  await walk.draw();
  await walk.say(
    'Back is a number from 0 to 90, at 30',
    'Fares is now a line for each word of Route',
    'in panels side by side',
    'Today is a line Back days before today, 3 wide, labelled in each panel',
  );
  await walk.place();
  walk.ended('10');
  await expect(page.locator('.panel-title')).toHaveText(['Fenn', 'Osk']);
  const named = (on: typeof page, words: string) => on.locator('.chart-plot').getByText(words);
  await expect(named(page, '30 days before today')).toHaveCount(2);
  const phone = await walk.onPhone(browser);
  await phone.getByRole('spinbutton', { name: 'Back, typed' }).fill('10');
  await phone.keyboard.press('Enter');
  // In each panel on a phone too.
  await expect(named(phone, '10 days before today')).toHaveCount(2);
  await expect(phone.getByRole('region', { name: 'Dials' })).toContainText('days back');
  await phone.context().close();
});

test('need 11: extremes of quarter totals, all at or above the mean and a reader’s threshold', async ({
  quietPage: page,
  emptyServer: { origin },
  browser,
}) => {
  const walk = await Walker.before(page, origin, 'eleven', [
    ['Board', ['Month,Fares', ...months(2025, 12).map((month, at) => `${month},${10 + at}`)]],
  ]);
  await walk.draw();
  await walk.say(
    'by quarter',
    'Threshold is a number from 0 to 90 in steps of 1, at 50',
    'the first of Fares',
    'the last of Fares',
    'each point that (is at least the mean of Fares) of Fares',
    'each point that (is over Threshold) of Fares',
  );
  await walk.place();
  walk.ended('11');
  // Quarters come to 33, 42, 51 and 60; their mean is 46.5.
  const sheet = walk.sheet(/^Fares/);
  await sheet.getByRole('button', { name: /^Figures/ }).click();
  const figures = page.getByRole('table', { name: /^Figures of Fares/ });
  await expect(figures.getByRole('row', { name: /Q4 2025/ })).toContainText(/60.*highest.*last/s);
  await expect(figures.getByRole('row', { name: /Q1 2025/ })).toContainText(/33.*lowest.*first/s);
  await expect(figures.getByRole('row', { name: /Q3 2025/ })).toContainText(/51/);
  const phone = await walk.onPhone(browser);
  await phone.getByRole('spinbutton', { name: 'Threshold, typed' }).fill('55');
  await phone.keyboard.press('Enter');
  await expect(phone).toHaveURL(/dial\.Threshold=55/);
  await phone.getByRole('button', { name: /^Do something/ }).click();
  await phone.getByRole('menuitem', { name: 'Figures' }).click();
  await expect(phone.getByRole('table', { name: /^Figures of Fares/ })).toContainText('60');
  await phone.context().close();
});

test('need 13: a small tile without axes that says the highest alone, then the latest value alone', async ({
  quietPage: page,
  emptyServer: { origin },
  browser,
}) => {
  const figures = months(2025, 12).map((month, at) => `${month},${10 + ((at * 7) % 12)}`);
  const walk = await Walker.before(page, origin, 'thirteen', [
    ['Board', ['Month,Fares', ...figures]],
  ]);
  await walk.draw();
  await walk.pressed('Edit Lowest of Fares');
  await walk.pressed(/^Remove Lowest/);
  await walk.say(
    'without gridlines, without scales, without values beside the scale, without dates beneath the scale',
  );
  const plot = page.locator('.chart-plot');
  // 10 + 11, in the sixth: 35 % 12 = 11.
  await expect(plot).toContainText('21');
  const [point, label] = await Promise.all(
    [plot.locator('.scatterlayer .point').last(), plot.getByText('21')].map((each) =>
      each.boundingBox(),
    ),
  );
  expect((label?.y ?? 0) + (label?.height ?? 0)).toBeLessThanOrEqual((point?.y ?? 0) + 2);
  await walk.pressed('Edit Highest of Fares');
  await walk.pressed(/^Remove Highest/);
  await walk.say('the last of Fares, labelled with value');
  await walk.place();
  walk.ended('13');
  // The twelfth: 10 + 77 % 12 = 15.
  await expect(plot).toContainText('15');
  await expect(plot).not.toContainText('21');
  await expect(plot).not.toContainText('Jan');
  const [sourceId = 0] = walk.sources;
  await walk.person.bringIn(['Month,Fares', ...figures, '2026-01-01,18'].join('\n'), {
    sourceId,
    mode: 'replace',
  });
  const phone = await walk.onPhone(browser);
  await expect(phone.locator('.chart-plot')).toContainText('18');
  await expect(phone.locator('.chart-plot')).not.toContainText('15');
  await phone.context().close();
});

test('need 18: spending to date against budget on irregular dates, with two date lines', async ({
  quietPage: page,
  emptyServer: { origin },
}) => {
  const dates = ['2026-06-02', '2026-06-09', '2026-06-19', '2026-07-01', '2026-07-13'];
  const walk = await Walker.before(page, origin, 'eighteen', [
    [
      'Spending',
      [
        'Day,Spent,Budget',
        ...dates.map((day, at) => `${day},${[10, 14, 11, 17, 12][at]},${at % 2 ? '' : 12 + at}`),
        '2026-07-30,,30',
      ],
    ],
  ]);
  await walk.draw();
  await walk.say(
    'as recorded',
    'Spent is now as a running total, gaps bridged',
    'Budget is now as a running total, gaps bridged',
    'Next is a line 7 days after today, labelled "In a week"',
  );
  await walk.place();
  walk.ended('18');
  // 10 + 14 + 11 + 17 + 12.
  await expect(walk.sheet(/^Spent/)).toContainText(/Spent.*64/s);
  await expect(page.locator('.chart-plot')).toContainText('In a week');
});
