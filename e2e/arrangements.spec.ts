import type { Page } from '@playwright/test';
import {
  addTo,
  bringIn,
  choose,
  closePhrase,
  expect,
  makeAccount,
  test,
  sayMore,
  holdAgainst,
} from './fixtures';

const routes = ['North', 'South', 'East', 'West'];

/** Every day from 2024 to 10 July 2026: 100 passengers a route at 3.00, a route more each year. */
const days = Array.from({ length: 922 }, (_, place) =>
  new Date(Date.UTC(2024, 0, 1 + place)).toISOString().slice(0, 10),
);
const fares = [
  'Day,Route,Fares,Passengers',
  ...days.flatMap((day) =>
    routes.map((route, place) => {
      const passengers = 100 * (place + 1) + 10 * (Number(day.slice(0, 4)) - 2024);
      return `${day},${route},${(passengers * 3).toFixed(2)},${passengers}`;
    }),
  ),
];
const months = (from: number, count: number) =>
  Array.from({ length: count }, (_, place) =>
    new Date(Date.UTC(2024, from + place, 1)).toISOString().slice(0, 10),
  );
const plan = [
  'Month,Route,Plan',
  ...months(0, 36).flatMap((month) =>
    routes.map((route, place) => `${month},${route},${9000 * (place + 1)}`),
  ),
];
const forecast = ['Month,Forecast', ...months(29, 7).map((month) => `${month},95000`)];

/** What the library was given to draw: the lines by their name. */
const drawn = (page: Page) =>
  page
    .locator('.chart-plot')
    .evaluate((node) =>
      (node as unknown as { data: { name: string; mode: string; x: number[] }[] }).data.map(
        ({ name, mode, x }) => ({ name, mode, x: x.filter((at) => at !== null) }),
      ),
    );

test('every way of comparing is built from an empty dashboard', async ({
  quietPage: page,
  emptyServer: { origin },
}) => {
  await page.setViewportSize({ width: 1280, height: 900 });
  await makeAccount(page, origin, 'Ines');
  await bringIn(page, origin, 'Fares', fares);
  await bringIn(page, origin, 'Plan', plan);
  await bringIn(page, origin, 'Forecast', forecast);
  await page.getByRole('link', { name: 'Dashboards', exact: true }).click();
  await page.getByRole('button', { name: 'New dashboard' }).first().click();
  await page.getByLabel('Title').fill('Ways');
  await page.getByRole('button', { name: 'Make it' }).click();
  await expect(page.getByRole('heading', { name: 'Ways', level: 1 })).toBeVisible();
  const board = page.url();
  const series = page.getByRole('region', { name: 'Series' });
  const draw = async () => {
    await page.goto(board);
    await page.getByRole('button', { name: 'New chart' }).first().click();
    await choose(page, 'Drawn from', /^Fares/);
    await page.getByRole('button', { name: 'Draw it' }).click();
    await expect(series.getByText(/^actual, to/)).toBeVisible();
  };
  const add = (from: string) => addTo(page, 'Series', from);

  await test.step('actual and forecast in one line without a break', async () => {
    await draw();
    await add('from Forecast');
    await page.getByRole('button', { name: 'Edit Forecast' }).click();
    // What a column is called says what it stands for.
    await expect(page.getByRole('button', { name: 'Stands for: a forecast' })).toBeVisible();
    await page.getByRole('button', { name: 'Close Forecast' }).click();
    await page.getByRole('button', { name: 'Edit Fares' }).click();
    await sayMore(page, 'Fares', 'handed over to Forecast');
    // The open July is a lone point; the forecast's stroke begins where June's figure stands.
    await expect
      .poll(async () => {
        const lines = await drawn(page);
        const last = lines.find(({ name, mode }) => name === 'Fares' && mode === 'lines')?.x.at(-1);
        return lines.find(({ name }) => name === 'Forecast')?.x[0] === last && last !== undefined;
      })
      .toBe(true);
    expect(
      (await drawn(page)).filter(({ name, mode }) => name === 'Fares' && mode === 'markers'),
    ).toHaveLength(1);
  });

  await test.step('four routes against their budget, as panels', async () => {
    await draw();
    await sayMore(page, 'Fares', 'a line for each word of Route');
    await holdAgainst(page, /^to be at least Plan in/);
    // What the routes are held against is split along with them.
    await expect(page.getByText(/it is what all of them add up to/)).toHaveCount(0);
    await sayMore(page, 'the chart', 'in panels side by side');
    for (const route of routes)
      await expect(page.locator('.panel-title', { hasText: route })).toBeVisible();
    await expect(page.getByRole('region', { name: 'Colour rules' })).toContainText(
      'of 120 figures',
    );
  });

  await test.step('three years laid over each other', async () => {
    await draw();
    await sayMore(page, 'the chart', 'with its years laid over each other');
    for (const year of ['2024', '2025', '2026'])
      await expect(page.getByRole('button', { name: year, exact: true })).toBeVisible();
    await expect(page.getByText('3 years laid over each other')).toBeVisible();
  });

  await test.step('a slope of two quarters, one route highlighted', async () => {
    await draw();
    await page.getByRole('button', { name: 'Period: month' }).click();
    await page.getByRole('radio', { name: 'quarter' }).click();
    await closePhrase(page);
    await sayMore(page, 'Fares', 'a line for each word of Route');
    await closePhrase(page);
    await sayMore(page, 'the chart', /^as a slope from the period before/);
    await page.getByRole('button', { name: 'Edit South' }).click();
    await page.getByRole('button', { name: 'Open with it highlighted' }).click();
    // 220 passengers at 3.00 over the 91 days of the second quarter, and over 90 of the first.
    const ends = page.locator('.end-label[aria-pressed="true"]');
    await expect(ends).toHaveText(['South 59.4k', '60.1k South (+1.1%)']);
    await expect(page.getByText(/Q1 2026 to Q2 2026/).first()).toBeVisible();
  });

  await test.step('a ratio of two measures', async () => {
    await draw();
    // What is added is not what is drawn already.
    await add('from Fares');
    await expect(page.getByRole('button', { name: 'Edit Passengers' })).toBeVisible();
    await add('worked out from others');
    await page.getByRole('button', { name: 'Edit Formula' }).click();
    await page.getByRole('button', { name: 'Figures: worked out as ()' }).click();
    await page.getByRole('combobox', { name: 'Formula', exact: true }).fill('Fares / Passengrs');
    await expect(page.getByText(/There is no “Passengrs”/).first()).toBeVisible();
    await page.getByRole('combobox', { name: 'Formula', exact: true }).fill('Fares / Passengers');
    await closePhrase(page);
    await expect(series.getByText('3', { exact: true }).first()).toBeVisible();
  });

  await test.step('a running total with only its end labelled', async () => {
    await draw();
    await sayMore(page, 'Fares', /^as a running total of each year/);
    await closePhrase(page);
    const standouts = page.getByRole('region', { name: 'Standouts' });
    for (const pick of ['Highest', 'Lowest']) {
      await standouts.getByRole('button', { name: `Edit ${pick} of Fares` }).click();
      await standouts.getByRole('button', { name: /^Remove / }).click();
    }
    await addTo(page, 'Standouts', 'the last of Fares');
    // 181 days of 1,080 passengers at 3.00.
    await expect(standouts).toContainText('Jun 2026');
    await expect(standouts).toContainText('0.59m');
  });

  await test.step('another series changes no other', async () => {
    const before = await drawn(page);
    await add('from Plan');
    await expect(series.getByText('Plan', { exact: true })).toBeVisible();
    await expect.poll(async () => (await drawn(page)).length).toBeGreaterThan(before.length);
    const after = await drawn(page);
    expect(after.filter(({ name }) => name === 'Fares')).toEqual(
      before.filter(({ name }) => name === 'Fares'),
    );
  });
});
