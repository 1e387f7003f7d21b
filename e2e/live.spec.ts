import { startServer } from '../server/testing';
import { choose, expect, test } from './fixtures';

test('a note appears, changes and goes before whoever looks, also by another server', async ({
  quietPage: page,
  browser,
}) => {
  // Of its own: other walks change the charts of the demo.
  const server = await startServer({ demo: true, env: { STAND_MARK_TODAY: '2026-11-23' } });
  const beside = await startServer({
    beside: server,
    env: { STAND_MARK_TODAY: '2026-11-23' },
  });
  const context = await browser.newContext({ locale: 'en-GB', timezoneId: 'UTC' });
  const reader = await context.newPage();
  const board = 'Pellow Isles Ferries, monthly board';
  await page.goto(server.origin);
  await page.getByRole('button', { name: 'Enter as Maren, author' }).click();
  await page.getByRole('link', { name: board }).click();
  await reader.goto(beside.origin);
  await reader.getByLabel('E-mail').fill('ivo@pellow-isles.example');
  await reader.getByLabel('Password').fill('all aboard please');
  await reader.getByRole('button', { name: 'Sign in' }).click();
  await reader.getByRole('link', { name: board }).click();
  const seen = reader.getByRole('complementary', { name: 'Notes' });
  await expect(seen.getByText('Osk quay closed for works.')).toBeVisible();

  const chart = page.getByRole('group', { name: 'Punctuality against target, line chart' });
  await chart.focus();
  await page.keyboard.press('Home');
  await page.keyboard.press('n');
  await page.getByLabel('What happened, and why').fill('Counted again after the audit.');
  await page.getByRole('button', { name: 'Save the note' }).click();
  await expect(seen.getByText('Counted again after the audit.')).toBeVisible();
  await expect(
    reader.getByRole('button', { name: /^Note \d+: Counted again after the audit\.$/ }),
  ).toBeVisible();

  await test.step('a date that one holds is held before the other, by the address', async () => {
    await chart.focus();
    await page.keyboard.press('Home');
    await page.keyboard.press('Enter');
    await page.waitForURL(/held=2025-01-16/);
    await reader.goto(page.url().replace(server.origin, beside.origin));
    const held = reader.getByRole('region', { name: 'Held dates' });
    await expect(held.getByRole('button')).toHaveText([/^Jan 2025/]);
    await expect(seen.getByText('Counted again after the audit.')).toBeVisible();
  });

  const own = page.getByRole('complementary', { name: 'Notes' });
  const note = own.getByRole('listitem').filter({ hasText: 'Counted again' });
  await note.getByRole('button', { name: /^Edit/ }).click();
  await page.getByLabel('What happened, and why').fill('Counted **again**, and found right.');
  await page.getByLabel('Up to').fill('20 Mar 2025');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Save the note' }).click();
  await expect(seen.getByText('Counted again, and found right.')).toBeVisible();
  await expect(seen.getByRole('strong')).toHaveText(['again']);
  await expect(seen.getByText('16 Jan to 20 Mar 2025, Maren Tarn')).toBeVisible();
  // By their dates, the one about the whole winter comes after the storm of its first days.
  await choose(seen, 'Order of the notes', 'by their dates');
  await expect(seen.getByRole('listitem').nth(1)).toContainText('Counted again');

  await own
    .getByRole('listitem')
    .filter({ hasText: 'found right' })
    .getByRole('button', { name: /^Delete/ })
    .click();
  await expect(seen.getByText('Counted again, and found right.')).toBeHidden();

  await test.step('readers write too where the owner lets them, and change their own alone', async () => {
    const sheet = reader.getByRole('article', { name: 'Punctuality against target' });
    await sheet.hover();
    await expect(sheet.getByRole('button', { name: /^Note: / })).toBeHidden();
    await page.getByRole('button', { name: 'Share' }).click();
    const allowed = page.getByRole('checkbox', { name: /^Readers with an account may write/ });
    await allowed.click();
    await expect(allowed).toBeChecked();
    await page.getByRole('button', { name: 'Close', exact: true }).click();
    await sheet.getByRole('button', { name: /^Note: / }).click();
    await reader.getByLabel('What happened, and why').fill('Why is this not by route?');
    await reader.getByRole('button', { name: 'Save the note' }).click();
    const question = own.getByRole('listitem').filter({ hasText: 'Why is this not by route?' });
    await expect(question).toContainText('the whole chart, Ivo Fenn');
    await expect(question.getByRole('button', { name: /^Edit/ })).toBeVisible();
    await expect(seen.getByRole('button', { name: /^Edit/ })).toHaveCount(1);
    // It flies beside the title of its chart.
    const pennant = page
      .getByRole('article', { name: 'Punctuality against target' })
      .getByRole('button', { name: /^Note \d+/ });
    await own.getByRole('button', { name: 'Hide pennants' }).click();
    await expect(pennant).toBeHidden();
    await expect(question).toBeVisible();
    // What somebody hid stays hidden for them.
    await page.reload();
    await own.getByRole('button', { name: 'Show pennants' }).click();
    await pennant.click();
    await expect(page.getByLabel('What happened, and why')).toHaveValue(/by route/);
    await page.getByRole('button', { name: 'Cancel' }).click();
    await choose(seen, 'Notes by', 'by Ivo Fenn');
    await expect(seen.getByRole('listitem')).toHaveCount(1);
  });

  await test.step('a chart is written out with its notes, and read in as another', async () => {
    await page.getByRole('button', { name: 'Change Punctuality against target' }).click();
    const [file] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('menuitem', { name: 'Write out as JSON' }).click(),
    ]);
    await page.getByRole('button', { name: 'New chart' }).click();
    await page.getByLabel('Chart to read in').setInputFiles({
      name: 'notes.json',
      mimeType: 'application/json',
      buffer: Buffer.from('{'),
    });
    await expect(page.getByText('notes.json is no JSON.')).toBeVisible();
    await page.getByLabel('Chart to read in').setInputFiles(await file.path());
    await expect(page.getByRole('button', { name: /^Held against: Target/ })).toBeVisible();
    await expect(page.getByRole('region', { name: 'Notes' })).toContainText('(Ivo Fenn)');
  });

  await context.close();
  await beside.stop();
  await server.stop();
});
