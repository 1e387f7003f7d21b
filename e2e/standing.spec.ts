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

/** Eighteen months to June 2026: three under 100 in autumn, and the last three. */
const fares = [110, 120, 130, 105, 140, 115, 108, 125, 90, 85, 95, 118, 122, 119, 111, 92, 80, 68];
const month = (place: number) => new Date(Date.UTC(2025, place, 1)).toISOString().slice(0, 10);
const csv = (name: string, figures: number[]) => [
  `Month,${name}`,
  ...figures.map((figure, place) => `${month(place)},${figure}`),
];

/** What the library was given to draw of the lines. */
const strokes = (page: Page) =>
  page.locator('.chart-plot').evaluate((node) =>
    (
      node as unknown as {
        data: { name: string; mode: string; line?: { color: string; width: number } }[];
      }
    ).data
      .filter(({ mode }) => mode === 'lines')
      .map(({ name, line }) => `${name} ${line?.color}`),
  );

test('everything that figures are held against is set up through the interface', async ({
  quietPage: page,
  emptyServer: { origin },
}) => {
  await page.setViewportSize({ width: 1280, height: 1000 });
  await makeAccount(page, origin, 'Torin');
  await bringIn(page, origin, 'Fares', csv('Fares', fares));
  await bringIn(
    page,
    origin,
    'Budget',
    csv(
      'Budget',
      fares.map(() => 100),
    ),
  );
  await page.getByRole('link', { name: 'Dashboards', exact: true }).click();
  await page.getByRole('button', { name: 'New dashboard' }).first().click();
  await page.getByLabel('Title').fill('Standing');
  await page.getByRole('button', { name: 'Make it' }).click();
  await page.getByRole('button', { name: 'New chart' }).first().click();
  await choose(page, 'Drawn from', /^Fares/);
  await page.getByRole('button', { name: 'Draw it' }).click();
  const yardsticks = page.getByRole('region', { name: 'Yardsticks' });
  const chart = page.getByRole('group', { name: /line chart/ });
  await expect(chart).toBeVisible();

  await test.step('a mean, shaded beneath, with a label within the picture', async () => {
    await addTo(page, 'Yardsticks', /^a line at the mean of Fares/);
    await yardsticks.getByRole('button', { name: 'Edit Mean' }).click();
    await sayMore(page, 'Mean', 'shaded beneath');
    await closePhrase(page);
    await sayMore(page, 'Mean', 'labelled within the picture');
    await closePhrase(page);
    await sayMore(page, 'Mean', /^labelled .*\{value\}/);
    await page.getByRole('textbox', { name: 'Labelled' }).fill('usually {value}');
    await closePhrase(page);
    await expect(chart.getByText(/^usually 107/)).toBeVisible();
    await expect(
      yardsticks.getByText('mean of Fares over 18 finished figures shown'),
    ).toBeVisible();
    await yardsticks.getByRole('button', { name: 'Close Mean' }).click();
  });

  await test.step('a band of one to two standard deviations under the mean', async () => {
    await addTo(page, 'Yardsticks', /^a band from the mean of Fares less/);
    await yardsticks.getByRole('button', { name: 'Edit Usual range' }).click();
    await page.getByRole('button', { name: /^To: the mean of Fares plus 1 deviation/ }).click();
    await choose(page, 'How far', 'less 1 deviation');
    await page.getByRole('spinbutton').fill('2');
    await closePhrase(page);
    await expect(
      yardsticks.getByText(/^1 standard deviation under the mean to 2 standard deviations under/),
    ).toBeVisible();
    await yardsticks.getByRole('button', { name: 'Close Usual range' }).click();
  });

  await test.step('fifths', async () => {
    await addTo(page, 'Yardsticks', /bands with equally many figures/);
    await expect(yardsticks.getByText(/^5 steps of Fares over 18 finished figures/)).toBeVisible();
    await yardsticks.getByRole('button', { name: 'Edit Fifths' }).click();
    await sayMore(page, 'Fifths', 'over the periods shown');
    await sayMore(page, 'Over', 'whatever readers filter');
    await closePhrase(page);
    await expect(
      yardsticks.getByText(/^5 steps of Fares over 18 .* shown, whatever readers filter/),
    ).toBeVisible();
    await yardsticks.getByRole('button', { name: 'Close Fifths' }).click();
  });

  await test.step('a band over the single readings of each month', async () => {
    await addTo(page, 'Yardsticks', /^a band over the readings/);
    await yardsticks.getByRole('button', { name: 'Edit Most readings' }).click();
    await page.getByRole('button', { name: 'To: their 90th percentile' }).click();
    await page.getByRole('spinbutton').fill('100');
    await closePhrase(page);
    const said = 'from the 10th percentile to the highest of each month’s readings of Fares';
    await expect(yardsticks.getByText(said, { exact: true })).toBeVisible();
    await expect(chart.getByText('Most readings', { exact: true })).toBeVisible();
    await page.getByRole('button', { name: 'Remove Most readings' }).click();
  });

  await test.step('a monthly budget, at whose crossings the line changes its colour', async () => {
    await holdAgainst(page, /^to be at least Budget in/);
    const rules = page.getByRole('region', { name: 'Colour rules' });
    await expect(rules.getByText('6 of 18 figures')).toBeVisible();
    await expect(rules.getByText('12 of 18 figures')).toBeVisible();
    await expect
      .poll(async () => new Set((await strokes(page)).filter((each) => /^Fares/.test(each))).size)
      .toBe(2);
  });

  await test.step('a today line as many days back as a dial says', async () => {
    await addTo(page, 'Dials', /^a number/);
    const dials = page.getByRole('region', { name: 'Dials' });
    await dials.getByRole('button', { name: /^Edit / }).click();
    // A name that something else has is said, and not taken.
    await dials.getByLabel('Called').fill('FARES');
    await expect(dials.getByText('Something else on the chart is called “FARES”.')).toBeVisible();
    await dials.getByLabel('Called').fill('Days back');
    for (const [phrase, number] of [
      [/^From: /, '-90'],
      [/^At: /, '-30'],
    ] as const) {
      await dials.getByRole('button', { name: phrase }).click();
      await page.getByRole('spinbutton').fill(number);
      await closePhrase(page);
    }
    await yardsticks.getByRole('button', { name: 'Edit Today' }).click();
    await page.getByRole('button', { name: 'the today line is: a line' }).click();
    await choose(page, 'the today line is', 'a line Days back days after today');
    await closePhrase(page);
    await expect(yardsticks.getByText('15 Jun 2026', { exact: true })).toBeVisible();
    await yardsticks.getByRole('button', { name: 'Close Today' }).click();
  });

  await test.step('the highest and the lowest in two colours', async () => {
    const standouts = page.getByRole('region', { name: 'Standouts' });
    for (const [of, colour] of [
      ['Highest', 'moss'],
      ['Lowest', 'rosewood'],
    ] as const) {
      await standouts.getByRole('button', { name: `Edit ${of} of Fares` }).click();
      await sayMore(page, `${of} of Fares`, 'in teal');
      await choose(page, 'Colour', colour);
      await closePhrase(page);
      await standouts.getByRole('button', { name: `Close ${of} of Fares` }).click();
    }
    const colours = await chart
      .locator('.annotation-text')
      .filter({ hasText: /^(140|68)/ })
      .evaluateAll((nodes) => nodes.map((node) => getComputedStyle(node).fill));
    expect(new Set(colours).size).toBe(2);
  });

  await test.step('a level and a date are moved in the picture, by pointer and by keys', async () => {
    await addTo(page, 'Yardsticks', /^a line at \d/);
    const level = chart.getByRole('slider', { name: 'Move Level' });
    const before = Number(await level.getAttribute('aria-valuenow'));
    await level.press('ArrowUp');
    await expect
      .poll(async () => Number(await level.getAttribute('aria-valuenow')))
      .toBeGreaterThan(before);
    const grip = await level.boundingBox();
    if (!grip) throw new Error('The level cannot be taken hold of.');
    const [x, y] = [grip.x + grip.width / 2, grip.y + grip.height / 2];
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.mouse.move(x, y + 60, { steps: 5 });
    await page.mouse.up();
    await expect
      .poll(async () => Number(await level.getAttribute('aria-valuenow')))
      .toBeLessThan(before);
    // One step back undoes one movement.
    await page.getByRole('button', { name: 'Undo' }).first().click();
    await expect
      .poll(async () => Number(await level.getAttribute('aria-valuenow')))
      .toBeGreaterThan(before);
    // Pressed on the tape, which stands for no control of its own.
    await chart.locator('.scale-handle').last().click();
    const date = chart.getByRole('slider', { name: 'Move Date' });
    const day = Number(await date.getAttribute('aria-valuenow'));
    await date.press('ArrowLeft');
    await expect(date).toHaveAttribute('aria-valuenow', String(day - 1));
  });

  await test.step('its spells stand in the figures', async () => {
    await page.getByRole('button', { name: 'As a table' }).click();
    await expect(
      page.getByText(
        /^Fares was under Budget for 3 months \(Apr 2026 to Jun 2026, 60(\.0+)? short and still is\), for 3 months \(Sep 2025 to Nov 2025, 30(\.0+)? short\)/,
      ),
    ).toBeVisible();
  });
});
