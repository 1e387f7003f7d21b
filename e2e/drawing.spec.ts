import type { Page } from '@playwright/test';
import { expect, test } from './fixtures';

/** How often each chart of the page was drawn. */
const draws = (page: Page) =>
  page
    .locator('.chart-plot')
    .evaluateAll((plots) => plots.map((plot) => Number((plot as HTMLElement).dataset.drawn ?? 0)));

/** Waits until nothing has been drawn for a while: saving and what follows it included. */
async function settledDraws(page: Page): Promise<number[]> {
  let before = '';
  for (let now = JSON.stringify(await draws(page)); now !== before;) {
    before = now;
    await page.waitForTimeout(1500);
    now = JSON.stringify(await draws(page));
  }
  return JSON.parse(before) as number[];
}

const enter = async (page: Page, origin: string, path: string) => {
  await page.goto(origin);
  await page.getByRole('button', { name: 'Enter as Maren, author' }).click();
  await page.getByRole('heading', { name: 'Dashboards' }).waitFor();
  await page.goto(origin + path);
  await page.locator('.chart-plot[data-drawn]').first().waitFor();
};

test('a dashboard draws each chart once, and none again when a note is opened', async ({
  quietPage: page,
  demoServer,
}) => {
  await enter(page, demoServer.origin, '/dashboards/1');
  expect(await settledDraws(page)).toEqual([1, 1, 1, 1, 1]);
  await page.getByRole('button', { name: 'Edit note 1' }).click();
  const editor = page.getByRole('dialog', { name: 'Note 1' });
  await expect(editor.getByLabel('What happened, and why')).toBeFocused();
  expect(await settledDraws(page)).toEqual([1, 1, 1, 1, 1]);
  // It stands beside the charts, over none of them.
  const left = (await editor.boundingBox())?.x ?? 0;
  for (const sheet of await page.getByRole('article').all()) {
    const box = await sheet.boundingBox();
    expect((box?.x ?? 0) + (box?.width ?? 0)).toBeLessThanOrEqual(left + 1);
  }
  await page.keyboard.press('Escape');
  await expect(editor).toBeHidden();
});

test('a change on the bench is drawn once, and nothing is blank meanwhile', async ({
  quietPage: page,
  demoServer,
}) => {
  await enter(page, demoServer.origin, '/dashboards/1/charts/4');
  const [first = 0] = await settledDraws(page);
  await page.getByRole('button', { name: 'Period: month' }).click();
  const blanks = await page.evaluate(() => {
    const seen: string[] = [];
    new MutationObserver(() => {
      if (document.body.textContent?.includes('Nothing to draw yet')) seen.push('blank');
    }).observe(document.body, { childList: true, subtree: true, characterData: true });
    return Object.assign(window, { seen }).seen;
  });
  expect(blanks).toEqual([]);
  await page.getByRole('radio', { name: 'week' }).check();
  expect(await settledDraws(page)).toEqual([first + 1]);
  await page.getByRole('radio', { name: 'month' }).check();
  expect(await settledDraws(page)).toEqual([first + 2]);
  expect(await page.evaluate(() => (window as unknown as { seen: string[] }).seen)).toEqual([]);
});

test('a small chart says its values beside their points and covers no name', async ({
  quietPage: page,
  demoServer,
}) => {
  await enter(page, demoServer.origin, '/dashboards/1');
  const chart = page.getByRole('group', { name: 'Passengers by route, line chart' });
  await chart.focus();
  for (let step = 0; step < 3; step += 1) await page.keyboard.press('ArrowLeft');
  const chips = chart.locator('.value-chip');
  await expect(chips).toHaveCount(4);
  const names = chart.getByRole('button', { name: /^[a-z]+ to [a-z]+$/i });
  await expect(names).toHaveCount(4);
  for (const name of await names.all()) {
    const at = await name.boundingBox();
    expect(at?.height).toBeGreaterThanOrEqual(24);
    for (const chip of await chips.all()) {
      const box = await chip.boundingBox();
      expect((box?.x ?? 0) + (box?.width ?? 0)).toBeLessThanOrEqual(at?.x ?? 0);
    }
  }
});

test('menus are walked by the keyboard', async ({ quietPage: page, demoServer }) => {
  await enter(page, demoServer.origin, '/dashboards/1');
  const menu = page.getByRole('button', { name: 'Change Fares against budget' });
  await menu.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('menuitem', { name: 'Open on the bench' })).toBeFocused();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('menuitem', { name: 'Remove' })).toBeFocused();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('menuitem', { name: 'Open on the bench' })).toBeFocused();
  await page.keyboard.press('Escape');
  await expect(menu).toBeFocused();
  await expect(page.getByRole('menu')).toBeHidden();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('menuitem', { name: 'Open on the bench' })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/charts\/1$/);
});
