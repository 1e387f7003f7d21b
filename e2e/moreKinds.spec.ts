import { spawnSync } from 'node:child_process';
import type { Page } from '@playwright/test';
import { startServer } from '../server/testing/startServer';
import { bringIn, choose, closePhrase, expect, makeAccount, test } from './fixtures';

/** Eighteen months to June 2026, six of them whole tens. */
const fares = [110, 120, 130, 105, 140, 115, 108, 125, 90, 85, 95, 118, 122, 119, 111, 92, 80, 68];
const month = (place: number) => new Date(Date.UTC(2025, place, 1)).toISOString().slice(0, 10);
const build = '.test-data/moreKinds';

/** Builds interface and server with longer lists of kinds in the place of the product's. */
function buildLonger() {
  for (const config of ['vite.config.ts', 'vite.server.config.ts']) {
    const vite = ['node_modules/vite/bin/vite.js', 'build', '--logLevel=error'];
    const made = spawnSync(process.execPath, [...vite, `--config=e2e/moreKinds/${config}`]);
    if (made.status !== 0) throw new Error(String(made.stderr));
  }
}

test('a kind of anything is one file and one line: said, drawn, kept and set like all others', async ({
  quietPage: page,
}) => {
  buildLonger();
  const server = await startServer({ build, env: { STAND_MARK_TODAY: '2026-07-15' } });
  await page.setViewportSize({ width: 1280, height: 1000 });
  const rows = (name: string) => page.getByRole('region', { name });
  try {
    await makeAccount(page, server.origin, 'Orla');
    await bringIn(page, server.origin, 'Fares', [
      'Month,Fares',
      ...fares.map((figure, place) => `${month(place)},${figure}`),
    ]);
    await drawChart(page);

    await test.step('by typing', async () => {
      await page.keyboard.press('+');
      const line = page.getByRole('combobox', { name: 'A line that adds to the chart' });
      const done = page.getByRole('status').filter({ hasText: /^Done: / });
      for (const sentence of [
        'Headroom is a line 10% over the highest of Fares',
        'a line at the middle of all figures of Fares',
        'Ceiling is a percentage, at 40%',
        'where Fares is a multiple of 10, draw it in plum',
        'Both is a line: twice "Fares", gaps as sevens',
        'Fares is farther from zero than 100',
        'the newest 1 year',
      ]) {
        await line.fill(sentence);
        await line.press('Enter');
        await expect(done).toHaveText(`Done: ${sentence}.`);
      }
      await page.keyboard.press('Escape');
    });

    await test.step('what they find stands in the list and in the figures', async () => {
      // Of January to March 2026: 122, 119 and 111; what is farther from zero than 100 is kept.
      await expect(rows('Yardsticks')).toContainText('134.2');
      await expect(rows('Yardsticks')).toContainText('116.5');
      await expect(rows('Dials')).toContainText('a percentage, at 40%');
      await expect(rows('Colour rules')).toContainText('Catches no figure.');
      await expect(page.getByRole('button', { name: 'Shown: the newest 1 year' })).toBeVisible();
      const figures = page.getByRole('table', { name: /^Figures of/ });
      await expect(figures.getByRole('row', { name: /^Both/ })).toContainText('244');
    });

    await test.step('by their phrases', async () => {
      await page.getByRole('button', { name: 'Shown: the newest 1 year' }).click();
      await page.getByRole('spinbutton').fill('2');
      await closePhrase(page);
      // Of all that is kept, the highest is 140.
      await expect(rows('Yardsticks')).toContainText('154');
      await rows('Yardsticks').getByRole('button', { name: 'Edit Headroom' }).click();
      await page.getByRole('button', { name: 'A line: 10%' }).click();
      await page.getByRole('spinbutton').fill('50');
      await closePhrase(page);
      await expect(rows('Yardsticks')).toContainText('210');
      await rows('Colour rules')
        .getByRole('button', { name: /^Edit / })
        .click();
      await page.getByRole('button', { name: 'Condition: is a multiple of 10' }).click();
      await page.getByRole('spinbutton').fill('11');
      await closePhrase(page);
      // 110 alone.
      await expect(rows('Colour rules')).toContainText('1 of 12 figures');
      await rows('Yardsticks')
        .getByRole('button', { name: /^Edit Middle/ })
        .click();
      await page.getByRole('button', { name: /the middle of all figures of Fares$/ }).click();
      await choose(page, 'A line at', 'Ceiling');
      await closePhrase(page);
      await expect(rows('Yardsticks')).toContainText('40');
    });

    await test.step('a reader turns what is turned', async () => {
      await page.getByRole('button', { name: 'Place on dashboard' }).click();
      const dial = page.getByRole('slider', { name: 'Ceiling' });
      await expect(dial).toHaveAttribute('aria-valuemax', '100');
      await dial.press('ArrowRight');
      await expect(dial).toHaveAttribute('aria-valuenow', '41');
    });
  } finally {
    await server.stop();
  }
});

async function drawChart(page: Page) {
  await page.getByRole('link', { name: 'Dashboards', exact: true }).click();
  await page.getByRole('button', { name: 'New dashboard' }).first().click();
  await page.getByLabel('Title').fill('More kinds');
  await page.getByRole('button', { name: 'Make it' }).click();
  await page.getByRole('button', { name: 'New chart' }).first().click();
  await page.getByRole('button', { name: 'Draw it' }).click();
  await expect(page.getByRole('group', { name: /line chart/ })).toBeVisible();
}
