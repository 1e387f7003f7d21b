import { addTo, choose, enterBoard, expect, test } from './fixtures';

test('a measure is named once, drawn, judged by a rule of its own, and explained to its rows', async ({
  quietPage: page,
  demoServer: { origin },
}) => {
  await page.setViewportSize({ width: 1280, height: 900 });
  await page.goto(origin);
  await page.getByRole('button', { name: 'Enter as Maren, author' }).click();

  await test.step('it is worked out from two others, and its name is completed', async () => {
    await page.getByRole('link', { name: 'Sources', exact: true }).click();
    await page.getByRole('link', { name: 'Sailings' }).click();
    await page.getByRole('button', { name: 'Name a measure' }).click();
    const dialog = page.getByRole('dialog', { name: 'Name a measure of Sailings' });
    await dialog.getByLabel('Called').fill('Fare for one');
    await choose(page, 'It is', /^worked out as/);
    const formula = dialog.getByRole('combobox', { name: 'Formula' });
    await formula.fill('Fares / Peopl');
    await expect(dialog.getByText(/^There is no “Peopl”\. There is Fares, /)).toBeVisible();
    await page.locator('.ant-select-item-option').getByText('Fares / "People carried"').click();
    await expect(formula).toHaveValue('Fares / "People carried"');
    await expect(dialog.getByText(/ in Nov 2026$/)).toBeVisible();
    await dialog.getByRole('button', { name: 'Keep' }).click();
    await expect(dialog).toBeHidden();
  });

  await test.step('a chart draws it, and its source says so', async () => {
    await page.getByRole('link', { name: 'Dashboards', exact: true }).click();
    await page.getByRole('link', { name: 'Pellow Isles Ferries, against the mark' }).click();
    await page.getByRole('button', { name: 'New chart' }).click();
    await choose(page, 'Drawn from', /^Sailings/);
    await page.getByRole('button', { name: 'Draw it' }).click();
    await page
      .getByRole('button', { name: /^Figures: / })
      .first()
      .click();
    await choose(page, 'Its figures are', /^the measure/);
    await choose(page, 'The measure', 'Fare for one');
    await page.keyboard.press('Escape');
    const series = page.getByRole('region', { name: 'Series' });
    await expect(series.getByText(/^actual, to Nov 2026/)).toBeVisible();
  });

  await test.step('a rule catches what it says, and names its figures', async () => {
    const rules = page.getByRole('region', { name: 'Colour rules' });
    await addTo(page, 'Colour rules', /is at least \d/);
    await rules.getByRole('button', { name: /^Edit / }).click();
    await rules.getByRole('button', { name: /^Condition: / }).click();
    await choose(page, 'Condition', 'falls in Jan');
    await choose(page, 'Falls in', 'Feb');
    await page.keyboard.press('Escape');
    await expect(rules.getByText('In Jan, Feb', { exact: true })).toBeVisible();
    await expect(rules.getByText('4 of 22 figures')).toBeVisible();
    await expect(rules.getByText('Jan 2025, Feb 2025, Jan 2026, Feb 2026')).toBeVisible();
  });

  await test.step('the staff is pressed, and a line stands there', async () => {
    await page
      .locator('.scale-handle')
      .first()
      .click({ position: { x: 12, y: 60 } });
    const yardsticks = page.getByRole('region', { name: 'Yardsticks' });
    await expect(yardsticks.getByText('Level', { exact: true })).toBeVisible();
  });

  await test.step('the figures are sorted, and one of them leads to its rows', async () => {
    const open = page.getByRole('button', { name: 'As a table' });
    if (await open.isVisible()) await open.click();
    const table = page.getByRole('table', { name: /^Figures of/ });
    const head = table.getByRole('columnheader', { name: /^Fare/ });
    await head.getByRole('button', { name: /^Fare/ }).click();
    await expect(table.getByRole('row').nth(1)).toContainText('Nov 2026');
    await table.getByRole('button', { name: /Oct 2026: where does this come from/ }).click();
    const rows = page.getByRole('dialog', { name: / Oct 2026$/ });
    await expect(rows.getByText('124 rows').first()).toBeVisible();
    await rows.getByRole('button', { name: 'Close' }).click();
  });

  await test.step('steps have names, and lead back', async () => {
    await page.getByRole('button', { name: 'Go back to before a step' }).click();
    await page
      .getByRole('menuitem', { name: /^before: added: where / })
      .first()
      .click();
    const rules = page.getByRole('region', { name: 'Colour rules' });
    await expect(rules.getByText('In Jan, Feb')).toBeHidden();
  });
});

test('a reader turns a dial without changing the chart, and a link shows the same', async ({
  quietPage: page,
  demoServer: { origin },
}) => {
  await enterBoard(page, origin, 'Ivo, reader', 'Pellow Isles Ferries, against the mark');
  const chart = page.getByRole('article', { name: 'Fuel cost against a limit that you can turn' });
  await expect(chart.getByText('Limit 170.0k')).toBeVisible();
  const dial = page.getByRole('slider', { name: 'Fuel limit' });
  for (let step = 0; step < 10; step += 1) await dial.press('ArrowLeft');
  await expect(chart.getByText('Limit 150.0k')).toBeVisible();
  await dial.press('ArrowRight');
  await expect(chart.getByText('Limit 152.0k')).toBeVisible();
  await expect(page).toHaveURL(/dial\.Fuel\+limit=152000$/);
  await page.reload();
  await expect(chart.getByText('Limit 152.0k')).toBeVisible();
  await page.getByRole('button', { name: 'As the author has set them' }).click();
  await expect(chart.getByText('Limit 170.0k')).toBeVisible();
  // A choice turns what a chart counts.
  const late = page.getByRole('article', { name: 'Minutes late by how many sailings ran' });
  await expect(late).toContainText('Median 41.8');
  await choose(page, 'Route', 'Quill to Skerrow');
  await expect(late).toContainText('only Quill to Skerrow');
  await expect(late).toContainText('Median 21.4');
});

test('a dashboard has a style that its charts inherit', async ({
  quietPage: page,
  demoServer: { origin },
}) => {
  await enterBoard(page, origin, 'Maren, author', 'Pellow Isles Ferries, the same figures');
  const chart = page.getByRole('article', { name: 'Fare a passenger' });
  await expect(chart.getByText(/^Usual range/)).toBeVisible();
  await page.getByRole('button', { name: 'Style' }).click();
  const dialog = page.getByRole('dialog', { name: 'Style of this dashboard' });
  await dialog.getByLabel('Unit').fill('£');
  await dialog.getByRole('button', { name: 'Keep' }).click();
  await expect(dialog).toBeHidden();
  await expect(chart.locator('.annotation-text').getByText(/£$/).first()).toBeVisible();
});
