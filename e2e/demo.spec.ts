import { choose, expect, test } from './fixtures';

test('the demo shows at a glance where the ferries stand', async ({
  quietPage: page,
  demoServer,
}) => {
  await page.goto(demoServer.origin);
  await page.getByRole('button', { name: 'Enter as Maren, author' }).click();
  await page.getByRole('link', { name: 'Pellow Isles Ferries, monthly board' }).click();
  await expect(page.locator('.standing')).toHaveText(/^Fare revenue stands at 13\.\d\dm this year/);
  await expect(page.getByRole('article')).toHaveCount(5);
  const fares = page.getByRole('group', { name: 'Fares against budget, line chart' });
  await expect(fares.locator('.chart-plot[data-drawn]')).toContainText('Today');
  await fares.focus();
  await page.keyboard.press('Home');
  const sheet = page.getByRole('article', { name: 'Fares against budget' });
  await expect(sheet.getByRole('status')).toContainText('Jan 2025');
  await expect(sheet.getByRole('status')).toContainText('under Budget, off the mark');
  await page.keyboard.press('ArrowDown');
  await expect(page.getByText('Fare revenue highlighted')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByText('Fare revenue highlighted')).toBeHidden();
  await page.keyboard.press('f');
  await expect(page.getByRole('region', { name: /^Figures of Fares/ }).first()).toContainText(
    'Under Budget',
  );
});

test('a reader sees the same and is offered no way to change it', async ({
  quietPage: page,
  demoServer,
}) => {
  await page.goto(demoServer.origin);
  await page.getByLabel('E-mail').fill('ivo@pellow-isles.example');
  await page.getByLabel('Password').fill('all aboard please');
  await page.getByRole('button', { name: 'Sign in', exact: true }).click();
  await page.getByRole('link', { name: 'Pellow Isles Ferries, monthly board' }).click();
  const notes = page.getByRole('complementary', { name: 'Notes' });
  await expect(notes.getByText('Storm week: most sailings were lost')).toBeVisible();
  for (const name of [/Arrange/, /Share/, /New chart/, /Rename/, /Edit/, /Delete/])
    await expect(page.getByRole('button', { name })).toHaveCount(0);
  const passengers = page.getByRole('group', { name: 'Passengers by route, line chart' });
  await passengers.getByRole('button', { name: 'Fenn to Osk' }).click();
  await expect(page.getByText('Fenn to Osk highlighted')).toBeVisible();
  // The size of text is theirs alone, and stands in the address.
  const axisSize = () =>
    passengers
      .locator('.annotation-text')
      .first()
      .evaluate((node) => parseFloat(getComputedStyle(node).fontSize));
  const usual = await axisSize();
  await choose(page, 'Size of text', 'largest text');
  await expect(page).toHaveURL(/text=largest/);
  await expect.poll(axisSize).toBeGreaterThan(usual * 1.2);
});

test('two authors who change one chart are asked which to keep', async ({
  quietPage: page,
  demoServer,
  browser,
}) => {
  const open = async (on: typeof page) => {
    await on.goto(demoServer.origin);
    await on.getByRole('button', { name: 'Enter as Maren, author' }).click();
    await on.getByRole('heading', { name: 'Dashboards' }).waitFor();
    await on.goto(`${demoServer.origin}/dashboards/1/charts/4`);
    await on.getByLabel('Title of the chart').waitFor();
  };
  const context = await browser.newContext();
  const second = await context.newPage();
  await open(page);
  await open(second);
  await page.getByLabel('Title of the chart').fill('Fuel, as the first author has it');
  await expect(page.getByRole('status').filter({ hasText: /^Saved \d/ })).toBeVisible();
  await second.getByLabel('Title of the chart').fill('Fuel, as the second author has it');
  await expect(second.getByRole('dialog')).toContainText('Fuel, as the first author has it');
  await second.getByRole('button', { name: 'Keep mine' }).click();
  await expect(second.getByRole('status').filter({ hasText: /^Saved \d/ })).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Title of the chart')).toHaveValue(
    'Fuel, as the second author has it',
  );
  await context.close();
});
