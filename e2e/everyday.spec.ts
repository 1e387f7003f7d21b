import type { Page } from '@playwright/test';
import { expect, makeAccount, test } from './fixtures';

async function enter(page: Page, origin: string) {
  await page.goto(origin);
  await page.getByRole('button', { name: 'Enter as Maren, author' }).click();
  await page.getByRole('heading', { name: 'Dashboards' }).waitFor();
}

const csv = (text: string) => ({
  name: 'figures.csv',
  mimeType: 'text/csv',
  buffer: Buffer.from(text),
});

test('a wrong password is told, and the right one leads where one wanted to go', async ({
  quietPage: page,
  demoServer,
}) => {
  await page.goto(`${demoServer.origin}/sources`);
  await page.getByLabel('E-mail').fill('maren@pellow-isles.example');
  await page.getByLabel('Password').fill('one tide a day');
  await page.getByRole('button', { name: 'Sign in', exact: true }).click();
  await expect(page.getByRole('alert')).toHaveText(
    'The e-mail address and the password do not match.',
  );
  await page.getByLabel('Password').fill('two tides a day');
  await page.getByRole('button', { name: 'Sign in', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Sources' })).toBeVisible();
});

test('a password is changed, which signs out elsewhere, and then everywhere is signed out', async ({
  quietPage: page,
  browser,
  emptyServer: { origin },
}) => {
  await makeAccount(page, origin, 'Hesper');
  const signIn = async (there: Page, password: string) => {
    await there.goto(`${origin}/account`);
    await there.getByLabel('E-mail').fill('hesper@workshop.example');
    await there.getByLabel('Password').fill(password);
    await there.getByRole('button', { name: 'Sign in', exact: true }).click();
  };
  const elsewhere = await browser.newPage();
  await signIn(elsewhere, 'a longer secret');
  await elsewhere.getByRole('heading', { name: 'Account', exact: true }).waitFor();
  await page.getByRole('button', { name: 'Hesper' }).click();
  await page.getByRole('menuitem', { name: 'Account', exact: true }).click();
  const places = page.getByRole('listitem').filter({ hasText: 'last used' });
  await expect(places).toHaveCount(2);
  await page.getByLabel('The password that you have now').fill('a shorter one');
  await page.getByLabel('A new one').fill('a lantern under the pier');
  await page.getByRole('button', { name: 'Change the password' }).click();
  await expect(page.getByRole('alert')).toHaveText('This is not the password that you have now.');
  await page.getByLabel('The password that you have now').fill('a longer secret');
  await page.getByRole('button', { name: 'Change the password' }).click();
  await expect(page.getByText('Your password is changed.')).toBeVisible();
  await expect(places).toHaveCount(1);
  await elsewhere.reload();
  await elsewhere.getByRole('heading', { name: 'Sign in' }).waitFor();
  await signIn(elsewhere, 'a lantern under the pier');
  await elsewhere.getByRole('button', { name: 'Sign out everywhere' }).click();
  await elsewhere.getByRole('heading', { name: 'Sign in' }).waitFor();
  await page.reload();
  await page.getByRole('heading', { name: 'Sign in' }).waitFor();
  await elsewhere.close();
});

test('a file that cannot be used says why, and the next one can be tried at once', async ({
  quietPage: page,
  demoServer,
}) => {
  await enter(page, demoServer.origin);
  await page.goto(`${demoServer.origin}/sources/new`);
  await page.getByLabel('File to bring in').setInputFiles(csv('Day,Fares\n2026-01-01,"1\n'));
  await expect(page.getByRole('alert')).toContainText('a quotation mark is opened and not closed');
  await page.getByRole('button', { name: 'Choose another file' }).click();
  await page.getByLabel('File to bring in').setInputFiles(csv('Name,Fares\na,1\nb,2\n'));
  await expect(page.getByText('No column is read as dates')).toBeVisible();
  await expect(page.getByText('other tables can look something up in it')).toBeVisible();
});

test('a source is removed and brought back, but not while a chart draws from it', async ({
  quietPage: page,
  demoServer,
}) => {
  await enter(page, demoServer.origin);
  await page.goto(`${demoServer.origin}/sources/new`);
  await page.getByLabel('File to bring in').setInputFiles(csv('Day,Fares\n2026-01-01,1\n'));
  await page.getByLabel('Name of the source').fill('Spare figures');
  await page.getByRole('button', { name: 'Bring in 1 row' }).click();
  await expect(page.getByRole('heading', { name: 'Spare figures' })).toBeVisible();
  await page.getByRole('link', { name: 'Sources' }).first().click();
  await page.getByRole('button', { name: 'Delete Spare figures' }).click();
  await expect(page.getByRole('link', { name: 'Spare figures' })).toBeHidden();
  const removed = page.getByRole('status').filter({ hasText: '“Spare figures” removed.' });
  await removed.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('link', { name: 'Spare figures' })).toBeVisible();
  await page.getByRole('button', { name: 'Delete Sailings' }).click();
  await expect(page.getByText('Sailings is drawn in')).toBeVisible();
});

test('what is changed after a session has ended is not lost', async ({
  quietPage: page,
  demoServer,
}) => {
  await enter(page, demoServer.origin);
  await page.goto(`${demoServer.origin}/dashboards/1/charts/3`);
  const title = page.getByLabel('Title of the chart');
  await title.waitFor();
  const cookies = await page.context().cookies();
  await page.context().clearCookies();
  await title.fill('Punctuality, renamed');
  await expect(page.getByRole('alert')).toContainText('the session has ended');
  await expect(title).toHaveValue('Punctuality, renamed');
  await page.context().addCookies(cookies);
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByRole('status').filter({ hasText: /^Saved \d/ })).toBeVisible();
  await page.reload();
  await expect(title).toHaveValue('Punctuality, renamed');
});

test('a change made just before the bench is left is kept, whatever way it is left', async ({
  quietPage: page,
  demoServer,
}) => {
  const { origin } = demoServer;
  await enter(page, origin);
  const stored = async () => {
    const answer = await page.request.get(`${origin}/api/charts/4`);
    return ((await answer.json()) as { definition: { title: string } }).definition.title;
  };
  const retitle = async (on: Page, title: string) => {
    await on.goto(`${origin}/dashboards/1/charts/4`);
    await on.getByLabel('Title of the chart').fill(title);
  };
  const toBoard = (on: Page) => on.getByRole('button', { name: 'To the dashboard' }).click();
  const ways: Record<string, (on: Page) => Promise<unknown>> = {
    'by its button': toBoard,
    'by the trail': (on) =>
      on.getByRole('link', { name: 'Pellow Isles Ferries, monthly board' }).click(),
    'by going back': (on) => on.goBack(),
    'by loading anew': (on) => on.reload(),
    'by closing the tab': (on) => on.close({ runBeforeUnload: true }),
  };
  for (const [title, leave] of Object.entries(ways)) {
    const tab = await page.context().newPage();
    await tab.goto(`${origin}/dashboards/1`);
    await retitle(tab, title);
    await leave(tab);
    await expect.poll(stored).toBe(title);
    if (!tab.isClosed()) await tab.close();
  }
  await page.route('**/api/charts/4', (route) =>
    route.request().method() === 'PUT' ? route.abort() : route.continue(),
  );
  await retitle(page, 'In spite of all');
  await toBoard(page);
  await expect(page.getByText('“In spite of all” is not saved')).toBeVisible();
  await page.unroute('**/api/charts/4');
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect.poll(stored).toBe('In spite of all');
});

test('a chart is built by keyboard alone', async ({ quietPage: page, demoServer }) => {
  await enter(page, demoServer.origin);
  await page.goto(`${demoServer.origin}/dashboards/1/charts/2`);
  const phrase = page.getByRole('button', { name: 'Period: week' });
  await phrase.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('radio', { name: 'week' })).toBeFocused();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: 'Period: month' })).toBeFocused();
  await page.getByRole('button', { name: 'Edit Tarrow to Quill' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Stands for: an actual' })).toBeVisible();
  await page.keyboard.press('Enter');
  const row = page
    .getByRole('region', { name: 'Series' })
    .getByRole('button', { name: /^Tarrow to Quill/ });
  await row.focus();
  await page.keyboard.press('Space');
  await expect(row).toHaveAttribute('aria-pressed', 'true');
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('button', { name: 'Period: week' })).toBeVisible();
});

test('a colleague is given access, reads, and is taken it again', async ({
  quietPage: page,
  emptyServer,
  browser,
}) => {
  const account = async (on: Page, name: string) => {
    await on.goto(emptyServer.origin);
    await on.getByRole('button', { name: 'No account yet? Make one' }).click();
    await on.getByLabel('Your name').fill(name);
    await on.getByLabel('E-mail').fill(`${name}@isles.example`);
    await on.getByLabel('Password').fill('a longer secret');
    await on.getByRole('button', { name: 'Make the account' }).click();
    await on.getByRole('heading', { name: 'Dashboards' }).waitFor();
  };
  const context = await browser.newContext();
  const other = await context.newPage();
  await account(page, 'Wren');
  await account(other, 'Tove');
  await page.getByRole('button', { name: 'New dashboard' }).first().click();
  await page.getByLabel('Title').fill('Shared board');
  await page.getByRole('button', { name: 'Make it' }).click();
  await page.getByRole('button', { name: 'Share' }).click();
  const invite = async (name: string) => {
    await page.getByLabel('E-mail of a colleague').fill(`${name}@isles.example`);
    await page.getByRole('button', { name: 'Give access' }).click();
    const taken = page.getByRole('button', { name: `Take back access from ${name}@isles.example` });
    await expect(taken).toBeVisible();
    return taken;
  };
  // Whether an address has an account is told by nothing: both wait until they open it.
  const nobody = await invite('nobody');
  await invite('tove');
  await nobody.click();
  await expect(nobody).toBeHidden();
  await other.reload();
  await expect(other.getByText('Wren’s, you may read')).toBeVisible();
  await other.getByRole('link', { name: 'Shared board' }).click();
  await expect(other.getByText('Nothing is laid on this dashboard yet')).toBeVisible();
  await page.getByRole('button', { name: 'Close', exact: true }).click();
  await page.getByRole('button', { name: 'Share' }).click();
  await page.getByRole('button', { name: 'Take back access from Tove' }).click();
  await expect(page.getByRole('button', { name: 'Take back access from Tove' })).toBeHidden();
  await other.reload();
  await expect(
    other.getByText('There is no such dashboard, or it is not shared with you.'),
  ).toBeVisible();
  await context.close();
});

test('a dashboard can be read on a phone', async ({ demoServer, browser }) => {
  const context = await browser.newContext({ viewport: { width: 390, height: 800 } });
  const page = await context.newPage();
  await enter(page, demoServer.origin);
  await page.goto(`${demoServer.origin}/dashboards/1`);
  const sheets = page.getByRole('article');
  await expect(sheets).toHaveCount(5);
  await expect(async () => {
    for (const sheet of await sheets.all()) {
      const box = await sheet.boundingBox();
      expect(box?.x).toBeGreaterThanOrEqual(0);
      expect((box?.x ?? 0) + (box?.width ?? 999)).toBeLessThanOrEqual(390);
    }
  }).toPass();
  const across = await page.evaluate(() => document.documentElement.scrollWidth);
  expect(across).toBeLessThanOrEqual(390);
  await context.close();
});
