import { expect, type Locator, test as base, type Page } from '@playwright/test';
import { startServer, type TestServer } from '../server/testing';

interface Workers {
  /** with the demo, as it stands on 23 November 2026 */
  demoServer: TestServer;
  /** without figures, on 15 July 2026 */
  emptyServer: TestServer;
}

/** Pages that must not log errors, and servers of their own. */
export const test = base.extend<{ quietPage: Page }, Workers>({
  demoServer: [
    async ({}, use) => {
      const server = await startServer({
        demo: true,
        env: { STAND_MARK_TODAY: '2026-11-23', STAND_MARK_AUDITORS: 'maren@pellow-isles.example' },
      });
      await use(server);
      await server.stop();
    },
    { scope: 'worker', timeout: 240_000 },
  ],
  emptyServer: [
    async ({}, use) => {
      const server = await startServer({ env: { STAND_MARK_TODAY: '2026-07-15' } });
      await use(server);
      await server.stop();
    },
    { scope: 'worker', timeout: 240_000 },
  ],
  quietPage: async ({ page }, use) => {
    const errors: string[] = [];
    page.on('pageerror', (error) => errors.push(String(error)));
    await use(page);
    base.expect(errors).toEqual([]);
  },
});

/** Chooses an option of a field by its label. */
export const choose = async (scope: Page | Locator, label: string, option: string | RegExp) => {
  const page = 'page' in scope ? scope.page() : scope;
  await scope.getByRole('combobox', { name: label, exact: true }).click();
  await page.locator('.ant-select-item-option:visible').getByText(option).first().click();
};

/** Makes an account through the page. */
export async function makeAccount(page: Page, origin: string, name: string) {
  await page.goto(origin);
  await page.getByRole('button', { name: 'No account yet? Make one' }).click();
  await page.getByLabel('Your name').fill(name);
  await page.getByLabel('E-mail').fill(`${name.toLowerCase()}@workshop.example`);
  await page.getByLabel('Password').fill('a longer secret');
  await page.getByRole('button', { name: 'Make the account' }).click();
  await expect(page.getByRole('heading', { name: 'No dashboard yet' })).toBeVisible();
}

/** Delivers a file on the page where files are brought in. */
export const deliver = (page: Page, name: string, buffer: Buffer) =>
  page
    .getByLabel('File to bring in')
    .setInputFiles({ name, mimeType: 'application/octet-stream', buffer });

/** Brings a CSV file in as a new source. */
export async function bringIn(page: Page, origin: string, name: string, lines: string[]) {
  await page.goto(`${origin}/sources/new`);
  await deliver(page, `${name}.csv`, Buffer.from(lines.join('\n')));
  await page.getByRole('button', { name: /^Bring in [\d,]+ rows/ }).click();
  await expect(page.getByText('in use')).toBeVisible();
}

/** Opens a phrase of the chart's sentence, also one that is silent while it is plain. */
/** Adds something to a list of the bench, in the words that will say it. */
export const addTo = async (page: Page, list: string, words: string | RegExp) => {
  await page.getByRole('combobox', { name: `Add to ${list}`, exact: true }).click();
  await page.locator('.ant-select-item-option:visible').getByText(words).first().click();
};

/** Says more of something, in the words in which it will be said. */
export async function sayMore(page: Page, of: string, words: string | RegExp) {
  const handle = page.getByRole('button', { name: 'and …' });
  const field = page.getByRole('combobox', { name: `Say more: ${of}`, exact: true }).first();
  if (!(await field.isVisible()) && (await handle.isVisible())) await handle.click();
  await field.click();
  await page.locator('.ant-select-item-option:visible').getByText(words).first().click();
}

/** Holds the main series against something, in the words that will say it. */
export async function holdAgainst(page: Page, words: string | RegExp) {
  await expect(page.getByRole('button', { name: /^Figures: / }).first()).toBeVisible();
  const handle = page.getByRole('button', { name: 'and …' });
  if (await handle.isVisible()) await handle.click();
  await page.getByRole('combobox', { name: /^Hold .* against$/ }).click();
  await page.locator('.ant-select-item-option:visible').getByText(words).first().click();
}

export async function openPhrase(page: Page, phrase: string | RegExp) {
  await expect(page.getByRole('button', { name: /^Figures: / }).first()).toBeVisible();
  const handle = page.getByRole('button', { name: 'and …' });
  if (await handle.isVisible()) await handle.click();
  await page.getByRole('button', { name: phrase }).first().click();
}

/** Closes the phrase that is open, once the list within it has closed. */
export async function closePhrase(page: Page) {
  await expect(page.locator('.ant-select-dropdown:visible')).toHaveCount(0);
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toBeHidden();
}

/** Enters the demo as one of its people, and opens one of its dashboards. */
export async function enterBoard(page: Page, origin: string, as: string, board: string | RegExp) {
  await page.goto(origin);
  await page.getByRole('button', { name: `Enter as ${as}` }).click();
  await page.getByRole('link', { name: board }).click();
}

export { expect };
