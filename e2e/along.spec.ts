import { choose, enterBoard, expect, test } from './fixtures';

test('a chart stands along weekdays in place of figures, and back', async ({
  quietPage: page,
  demoServer: { origin },
}) => {
  await enterBoard(page, origin, 'Maren, author', 'Pellow Isles Ferries, against the mark');
  const sheet = page.getByRole('article', { name: 'Minutes late by how many sailings ran' });
  await sheet.hover();
  await sheet.getByRole('button', { name: /^Change/ }).click();
  await page.getByRole('menuitem', { name: 'Open on the bench' }).click();
  await page.getByRole('button', { name: 'Period: Sailings' }).click();
  await choose(page, 'Along the axis', /^by the words of/);
  await choose(page, 'By the words of', 'Weekday');
  await expect(page.getByRole('button', { name: 'Period: Weekday' })).toBeVisible();
  await page.getByRole('button', { name: 'Sun earlier' }).click();
  await page.keyboard.press('Escape');
  const chart = page.getByRole('group', { name: /line chart/ });
  await expect(chart.locator('.xtick, .annotation-text').getByText('Mon')).toBeVisible();
  const figures = page.getByRole('table').first();
  await expect
    .poll(async () => (await figures.getByRole('columnheader').allTextContents()).join(' '))
    .toContain('Mon Tue Wed Thu Fri Sun Sat');
  await page.getByRole('button', { name: 'Period: Weekday' }).click();
  await choose(page, 'Along the axis', 'as recorded');
  await expect(page.getByRole('button', { name: 'Period: date as recorded' })).toBeVisible();
  await choose(page, 'Along the axis', /^by the figures of/);
  await choose(page, 'By the figures of', 'Sailings');
  await expect(page.getByRole('button', { name: 'Period: Sailings' })).toBeVisible();
  await expect(page.getByRole('status').filter({ hasText: /^Saved \d/ })).toBeVisible();
});

test('a reader chooses the later period of a slope, and a link shows the same', async ({
  quietPage: page,
  demoServer: { origin },
}) => {
  await enterBoard(page, origin, 'Ivo, reader', /the same figures in other ways/);
  const slope = page.getByRole('article').filter({ has: page.getByLabel('Later period') });
  await expect(slope.getByText(/^by quarter, Q3 2025 to Q3 2026/)).toBeVisible();
  await choose(slope, 'Later period', 'Q2 2026');
  await expect(slope.getByText(/^by quarter, Q2 2025 to Q2 2026/)).toBeVisible();
  await expect(page).toHaveURL(/period\.\d+=2026-04-01/);
  await page.reload();
  await expect(slope.getByText(/^by quarter, Q2 2025 to Q2 2026/)).toBeVisible();
});
