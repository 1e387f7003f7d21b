import type { Page } from '@playwright/test';
import type { TestServer } from '../server/testing';
import { expect, test } from './fixtures';

/** Sees to it that the drawing library never comes, so that nothing is drawn anew. */
const withoutLibrary = (page: Page) => page.route(/plotly/, () => {});

const still = (page: Page) => page.locator('#still');

/** Opens a dashboard as its author, and waits until it is kept as it stands. */
async function openAndKeep(page: Page, { origin }: TestServer) {
  await page.goto(origin);
  await page.getByRole('button', { name: 'Enter as Maren, author' }).click();
  await page.getByRole('heading', { name: 'Dashboards' }).waitFor();
  await page.goto(`${origin}/dashboards/1`);
  await expect(page.locator('#root [data-drawn]')).toHaveCount(5);
  await page.waitForFunction(() =>
    localStorage.getItem('stand-mark-stills')?.includes('/dashboards/1'),
  );
}

test('a dashboard seen before stands before the drawing library is there, and makes way for what is drawn', async ({
  quietPage: page,
  demoServer,
}) => {
  await openAndKeep(page, demoServer);
  const before = await page.locator('#root').innerText();
  await withoutLibrary(page);
  await page.reload();
  await expect(still(page).locator('[data-drawn] svg.main-svg').first()).toBeVisible();
  await expect(still(page).locator('[data-drawn]')).toHaveCount(5);
  expect(await still(page).innerText()).toBe(before);
  // Nobody is kept from what lies beneath, and nobody hears it twice.
  await page.getByRole('button', { name: 'Share' }).click();
  await expect(page.getByRole('dialog')).toBeVisible();
  await page.unrouteAll();
  await page.reload();
  await expect(page.locator('#root [data-drawn]')).toHaveCount(5);
  await expect(still(page)).toHaveCount(0);
});

test('nothing of before stands where something has changed', async ({
  quietPage: page,
  demoServer,
}) => {
  await openAndKeep(page, demoServer);
  await withoutLibrary(page);
  await page.setViewportSize({ width: 1100, height: 800 });
  await page.reload();
  await page.getByRole('article').first().waitFor();
  await expect(still(page)).toHaveCount(0);
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.route(/\/api\/charts\/\d+\/frames/, async (route) => {
    const answer = await route.fetch();
    const text = await answer.text();
    await route.fulfill({ response: answer, body: text.replace(/\d\d\b/, '11') });
  });
  await page.reload();
  await page.getByRole('article').first().waitFor();
  await expect(still(page)).toHaveCount(0);
  await page.unrouteAll();
});

test('whoever signs out leaves no pictures behind', async ({ quietPage: page, demoServer }) => {
  await openAndKeep(page, demoServer);
  await page.getByRole('button', { name: 'Maren' }).click();
  await page.getByRole('menuitem', { name: 'Sign out' }).click();
  await page.getByRole('button', { name: 'Enter as Maren, author' }).waitFor();
  const left = await page.evaluate(async () => {
    const open = indexedDB.open('stand-mark');
    const found = await new Promise<IDBDatabase>((done) => {
      open.onsuccess = () => done(open.result);
    });
    const count = found.transaction('stills').objectStore('stills').count();
    const inStore = await new Promise((done) => {
      count.onsuccess = () => done(count.result);
    });
    return [localStorage.getItem('stand-mark-stills'), inStore];
  });
  expect(left).toEqual([null, 0]);
});
