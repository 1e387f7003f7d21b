import { startServer } from '../server/testing';
import { enterBoard, expect, test, sayMore } from './fixtures';

test('what is picked in one chart narrows the others, and another stands beside the pointer', async ({
  quietPage: page,
  browser,
}) => {
  const server = await startServer({ demo: true, env: { STAND_MARK_TODAY: '2026-11-23' } });
  const sheet = (title: string) => page.getByRole('article', { name: title, exact: true });
  const chart = (title: string) => sheet(title).getByRole('group', { name: /line chart$/ });
  try {
    await test.step('a line and a stretch of dates are picked, by mouse and by keyboard', async () => {
      await enterBoard(page, server.origin, 'Ivo, reader', 'Pellow Isles Ferries, monthly board');
      const fares = chart('Fares against budget');
      await fares.focus();
      await page.keyboard.press('Home');
      await page.keyboard.press('p');
      const strip = page.getByRole('region', { name: 'Narrowed to' });
      await expect(strip).toContainText('Jan 2025');
      await page.keyboard.press('ArrowRight');
      await page.keyboard.press('ArrowRight');
      await page.keyboard.press('Shift+P');
      await expect(strip).toContainText('Jan to Mar 2025');
      await expect(sheet('Fuel cost against budget')).toContainText('only Jan to Mar 2025');
      // A week lies across two months.
      await expect(sheet('Passengers by route')).toContainText('not narrowed');
      await expect(sheet('Fares against budget')).not.toContainText('narrowed');
      const box = await fares.boundingBox();
      if (!box) throw new Error('no picture');
      await page.mouse.move(box.x + 150, box.y + 100);
      await page.mouse.down();
      await page.mouse.move(box.x + 250, box.y + 120, { steps: 6 });
      await page.mouse.up();
      await expect(strip).not.toContainText('Jan to Mar 2025');
      await expect(strip).toContainText(/to \w{3} 202[56]/);
      await expect(page.getByRole('region', { name: 'Held dates' })).toBeHidden();
      await sheet('Passengers by route').getByRole('button', { name: 'Fenn to Osk' }).click();
      await expect(strip).toContainText('Fenn to Osk');
    });

    await test.step('a link shows the same, and each is let go by its chip', async () => {
      await page.waitForURL(/only\.line=/);
      await page.reload();
      const strip = page.getByRole('region', { name: 'Narrowed to' });
      await expect(strip).toContainText('Fenn to Osk');
      await expect(sheet('Passengers by route')).toContainText('Fenn to Osk highlighted');
      await strip.getByRole('button', { name: /Fenn to Osk/ }).click();
      await strip.getByRole('button').click();
      await expect(strip).toBeHidden();
      await expect(sheet('Fuel cost against budget')).not.toContainText('only');
    });

    await test.step('several lines are highlighted beside each other, and all of a category', async () => {
      const routes = sheet('Passengers by route');
      await chart('Passengers by route').focus();
      await page.keyboard.press('Escape');
      await routes.getByRole('button', { name: 'Fenn to Osk' }).click();
      await routes
        .getByRole('button', { name: 'Quill to Skerrow' })
        .click({ modifiers: ['Shift'] });
      await expect(routes).toContainText('Fenn to Osk, Quill to Skerrow highlighted');
      await page.goto(`${server.origin}/dashboards/3`);
      const weekdays = sheet('Passengers a day by weekday');
      await weekdays.getByRole('button', { name: 'sheltered' }).click();
      await expect(weekdays).toContainText('Harbour to Fenn, Tarrow to Quill highlighted');
    });

    await test.step('where a reader rests, another chart tells of that month alone', async () => {
      await page.keyboard.press('Escape');
      await chart('Passengers and their yearly change').focus();
      await page.keyboard.press('Home');
      const beside = page.getByRole('complementary', { name: /Passengers a day by weekday/ });
      await expect(beside).toContainText('only Jan 2025');
      await page.keyboard.press('ArrowRight');
      await expect(beside).toContainText('only Feb 2025');
      await page.keyboard.press('Escape');
      await expect(beside).toBeHidden();
    });

    await test.step('a chart that its author lets stand alone takes part in none of it', async () => {
      const author = await browser.newPage();
      await enterBoard(
        author,
        server.origin,
        'Maren, author',
        'Pellow Isles Ferries, monthly board',
      );
      await author.goto(`${server.origin}/dashboards/1/charts/4`);
      await author.getByRole('button', { name: 'Edit With the dashboard’s other charts' }).click();
      await sayMore(author, 'With the dashboard’s other charts', 'apart from the other charts');
      await expect(author.getByText('stands alone')).toBeVisible();
      await expect(author.getByText(/^Saved/)).toBeVisible();
      await author.context().close();
      await page.goto(
        `${server.origin}/dashboards/1?held=2026-03-05&only.dates=1.2026-01-01.2026-06-30`,
      );
      await expect(sheet('Punctuality against target')).toContainText('only Jan to Jun 2026');
      await expect(
        sheet('Punctuality against target').getByText('Mar 2026', { exact: true }),
      ).toBeVisible();
      const alone = sheet('Fuel cost against budget');
      await expect(alone).not.toContainText('only Jan');
      await expect(alone.getByText('Mar 2026', { exact: true })).toBeHidden();
    });
  } finally {
    await server.stop();
  }
});
