import { choose, enterBoard, expect, test } from './fixtures';
import { startServer } from '../server/testing';

test('a chart is replayed when asked, once, by steps where motion is reduced, and looked at closer', async ({
  quietPage: page,
}) => {
  const server = await startServer({ demo: true, env: { STAND_MARK_TODAY: '2026-11-23' } });
  await enterBoard(page, server.origin, 'Ivo, reader', 'Pellow Isles Ferries, monthly board');
  const fares = page.getByRole('article', { name: 'Fares against budget' });
  const strip = fares.getByRole('group', { name: 'Replay' });
  const upTo = strip.getByRole('slider', { name: 'Replayed up to' });
  await fares.getByRole('button', { name: 'Replay' }).click();
  await choose(strip, 'All of it in', 'in 5 s');
  // It goes by itself to the end, stands there, and does not begin again.
  await expect(upTo).toHaveAttribute('aria-valuetext', /2026/);
  await expect(strip.getByRole('button', { name: 'Play', exact: true })).toBeVisible();
  await expect(upTo).toHaveAttribute('aria-valuetext', 'Dec 2026');
  await expect(strip.getByRole('status')).toContainText('23 of 23');
  await page.waitForTimeout(500);
  await expect(upTo).toHaveAttribute('aria-valuetext', 'Dec 2026');

  await test.step('by keyboard, period by period, with nothing moving', async () => {
    await page.emulateMedia({ reducedMotion: 'reduce' });
    await expect(strip.getByRole('button', { name: 'Play', exact: true })).toBeHidden();
    await upTo.focus();
    await page.keyboard.press('Home');
    await expect(strip.getByRole('status')).toContainText(/Jan 2025.*, 1 of 23/);
    await strip.getByRole('button', { name: 'On', exact: true }).press('Enter');
    await expect(strip.getByRole('status')).toContainText(/Feb 2025.*, 2 of 23/);
    await page.waitForTimeout(500);
    await expect(strip.getByRole('status')).toContainText(/Feb 2025/);
  });

  await strip.getByRole('button', { name: 'End the replay' }).click();
  await expect(strip).toBeHidden();

  await test.step('a part is looked at closer, by keys and by pointer, and all again by one key', async () => {
    const routes = page.getByRole('article', { name: 'Passengers by route' });
    const chart = routes.getByRole('group', { name: /line chart/ });
    await routes.getByRole('button', { name: 'Closer' }).click();
    const from = routes.getByRole('slider', { name: 'Looked at from' });
    const to = routes.getByRole('slider', { name: 'Looked at to' });
    await from.focus();
    for (let i = 0; i < 5; i += 1) await page.keyboard.press('PageUp');
    await page.keyboard.press('ArrowLeft');
    await expect(from).toHaveAttribute('aria-valuetext', 'week 50 of 2025');
    const grip = await to.boundingBox();
    if (!grip) throw new Error('The end cannot be taken hold of.');
    await page.mouse.move(grip.x + 12, grip.y + 9);
    await page.mouse.down();
    await page.mouse.move(grip.x - 60, grip.y + 9, { steps: 4 });
    await page.mouse.up();
    await expect(to).not.toHaveAttribute('aria-valuetext', /week 4[0-9] of 2026/);
    await chart.focus();
    await page.keyboard.press('Home');
    await expect(routes.getByRole('status')).toContainText('week 50 of 2025');
    await page.keyboard.press('0');
    await page.keyboard.press('Home');
    await expect(routes.getByRole('status')).toContainText('week 1 of 2025');
    await expect(routes.getByRole('button', { name: 'All of it' })).toBeDisabled();
  });
  await test.step('by other periods, where the author offers them', async () => {
    const routes = page.getByRole('article', { name: 'Passengers by route' });
    const chart = routes.getByRole('group', { name: /line chart/ });
    const drawnBy = routes.getByRole('radiogroup', { name: 'Drawn by' });
    const byMonth = drawnBy.getByRole('radio', { name: 'month' });
    await routes.getByRole('slider', { name: 'Looked at from' }).focus();
    for (let i = 0; i < 6; i += 1) await page.keyboard.press('PageUp');
    await drawnBy.getByText('month').click();
    // What is looked at stays where it is: the month that its first week lies in.
    await chart.focus();
    await page.keyboard.press('Home');
    await expect(routes.getByRole('status')).toContainText('Feb 2026');
    // A link shows the same.
    await page.waitForURL(/grain\.\d+=month&near\.\d+=/);
    await page.reload();
    await chart.focus();
    await page.keyboard.press('Home');
    await expect(routes.getByRole('status')).toContainText('Feb 2026');
    await page.keyboard.press('0');
    await expect(byMonth).toBeChecked();
    await chart.focus();
    await page.keyboard.press('Home');
    await expect(routes.getByRole('status')).toContainText('Jan 2025');
    await expect(page).toHaveURL(/grain\.\d+=month/);
    await page.reload();
    await expect(byMonth).toBeChecked();
    await expect(chart).toHaveAccessibleDescription(/Line chart, by month/);
    await expect(fares.getByRole('radiogroup', { name: 'Drawn by' })).toBeHidden();
  });
  await server.stop();
});
