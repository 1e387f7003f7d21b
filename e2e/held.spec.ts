import { startServer } from '../server/testing';
import { enterBoard, expect, test } from './fixtures';

test('dates are held in all charts, by mouse and by keyboard, and a link shows the same', async ({
  quietPage: page,
}) => {
  // Of its own: other walks change the charts of the demo.
  const server = await startServer({ demo: true, env: { STAND_MARK_TODAY: '2026-11-23' } });
  const { origin } = server;
  await enterBoard(page, origin, 'Ivo, reader', 'Pellow Isles Ferries, monthly board');
  const fares = page.getByRole('article', { name: 'Fares against budget' });
  const fuel = page.getByRole('article', { name: /^Fuel/ });
  const held = page.getByRole('region', { name: 'Held dates' });
  const chart = fares.getByRole('group', { name: /line chart/ });
  await chart.focus();
  await page.keyboard.press('Home');
  await expect(fares.getByRole('status')).toContainText('Jan 2025');
  await page.keyboard.press('Enter');
  await expect(held.getByRole('button')).toHaveText([/^Jan 2025/]);
  // It stands in the other charts too, at their own grain.
  await expect(fuel.getByRole('status')).toContainText(
    /^Jan 2025Fuel cost128\.\dk35\.3k under BudgetBudget164\.0k/,
  );
  const routes = page.getByRole('article', { name: 'Passengers by route' });
  await expect(routes.getByRole('status')).toContainText(/^week 3 of 2025/);
  for (let i = 0; i < 5; i += 1) await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Enter');
  const between = /^Jan 2025 to Jun 2025.*Fuel cost128\.\dk\d+\.\dk\+\d+\.\dk \(\+\d+\.\d%\)/;
  await page.mouse.move(2, 2);
  await chart.blur();
  await expect(fuel.getByRole('status')).toHaveText(between);
  await expect(page).toHaveURL(/held=2025-01-16\.month%2C2025-06-15\.month/);
  await page.reload();
  await expect(fuel.getByRole('status')).toHaveText(between);
  await held.getByRole('button', { name: /^Jan 2025/ }).click();
  await expect(held.getByRole('button')).toHaveText([/^Jun 2025/]);

  await test.step('a line that is highlighted in one chart is in all that have it', async () => {
    await fares.getByRole('button', { name: 'Budget', exact: true }).click();
    await expect(fares.getByText('Budget highlighted,')).toBeVisible();
    await expect(fuel.getByText('Budget highlighted,')).toBeVisible();
    await chart.focus();
    await page.keyboard.press('Escape');
    await expect(fuel.getByText('Budget highlighted,')).toBeHidden();
    await expect(held).toBeHidden();
  });

  await test.step('a line and a period are highlighted from the figures, in all charts', async () => {
    await fares.getByRole('button', { name: /^Figures/ }).click();
    const figures = page.getByRole('region', { name: 'Fares against budget in words and figures' });
    await figures.getByRole('button', { name: 'Highlight Fare revenue' }).click();
    const march = figures.getByRole('button', { name: 'Mar 2026: highlight it' });
    await march.click();
    await expect(march).toHaveAttribute('aria-pressed', 'true');
    await figures.getByRole('button', { name: 'Close the figures' }).click();
    await expect(fares.getByText('Fare revenue in Mar 2026 highlighted,')).toBeVisible();
    await expect(fuel.getByText('Mar 2026 highlighted,')).toBeVisible();
    await chart.focus();
    await page.keyboard.press('Home');
    await page.keyboard.press('h');
    await expect(fuel.getByText('Jan 2025 highlighted,')).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(fuel.getByText('highlighted,')).toBeHidden();
  });
  await server.stop();
});
