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

test('what a chart says stands beside its picture and covers nothing of it', async ({
  quietPage: page,
  demoServer,
}) => {
  await enter(page, demoServer.origin, '/dashboards/1');
  const chart = page.getByRole('group', { name: 'Passengers by route, line chart' });
  await chart.focus();
  for (let step = 0; step < 3; step += 1) await page.keyboard.press('ArrowLeft');
  const sheet = page.getByRole('article', { name: 'Passengers by route' });
  const said = sheet.getByRole('status');
  await expect(said).toHaveText(
    /^week 46 of 2026.*Fenn to Osk\d+\.\dk[+−]\d+\.\d%.*Quill to Skerrow\d+\.\dk[+−]/,
  );
  const [picture, words] = [await chart.boundingBox(), await said.boundingBox()];
  expect((picture?.y ?? 0) + (picture?.height ?? 0)).toBeLessThanOrEqual(words?.y ?? 0);
  // What can be done stands in words, and leaves the picture as free.
  for (const act of ['Hold the date', 'Highlight', 'Where from?']) {
    const box = await sheet.getByRole('button', { name: act, exact: true }).boundingBox();
    expect(box?.y ?? 0).toBeGreaterThanOrEqual((picture?.y ?? 0) + (picture?.height ?? 0));
  }
  for (const name of await chart.getByRole('button', { name: /^[a-z]+ to [a-z]+$/i }).all())
    expect((await name.boundingBox())?.height).toBeGreaterThanOrEqual(24);
});

test('menus are walked by the keyboard', async ({ quietPage: page, demoServer }) => {
  await enter(page, demoServer.origin, '/dashboards/1');
  const menu = page.getByRole('button', { name: 'Change Fares against budget' });
  await menu.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('menuitem', { name: 'Open on the bench' })).toBeFocused();
  const last = page.getByRole('menuitem', { name: /^Copy/ }).last();
  await expect(last).toHaveAccessibleName(/^Copy to /);
  await page.keyboard.press('ArrowUp');
  await expect(last).toBeFocused();
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
