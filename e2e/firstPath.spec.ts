import type { Page } from '@playwright/test';
import iconv from 'iconv-lite';
import { addTo, expect, test, sayMore } from './fixtures';

/** A workshop's takings: semicolons, decimal commas, days first, blanks, one doubtful cell. */
const months = ['01', '02', '03', '04', '05', '06', '07'];
const takings = {
  Nord: ['1.234,50', '1.100,00', '1.500,25', '1.450,00', '', '1.700,00', 'k.A.'],
  Süd: ['2.000,10', '', '2.400,00', '2.100,00', '', '2.250,00', '950,75'],
};
const plan = { Nord: '1.400,00', Süd: '2.100,00' };

function file(changed: Partial<typeof takings> = {}): Buffer {
  const figures = { ...takings, ...changed };
  const rows = months.flatMap((month, place) =>
    (['Nord', 'Süd'] as const).map(
      (region) => `01.${month}.2026;${region};${figures[region][place]};${plan[region]}`,
    ),
  );
  return iconv.encode(['Monat;Region;Umsatz;Plan', ...rows].join('\r\n'), 'windows-1252');
}

const upload = (buffer: Buffer) => ({ name: 'umsatz.csv', mimeType: 'text/csv', buffer });

/** Chooses an option of a select by the words it shows. */
async function choose(page: Page, label: string, option: string) {
  await page.getByRole('combobox', { name: label, exact: true }).click();
  await page.locator('.ant-select-item-option:visible').getByText(option, { exact: true }).click();
}

test('a person brings figures in, builds, notes, places, shares, and takes the link back', async ({
  quietPage: page,
  emptyServer,
  browser,
}) => {
  await test.step('make an account', async () => {
    await page.goto(emptyServer.origin);
    await page.getByRole('button', { name: 'No account yet? Make one' }).click();
    await page.getByLabel('Your name').fill('Lena Brandt');
    await page.getByLabel('E-mail').fill('lena@workshop.example');
    await page.getByLabel('Password').fill('short');
    await page.getByRole('button', { name: 'Make the account' }).click();
    const password = page.getByLabel('Password');
    await expect(password).toHaveAccessibleDescription(/at least 10 characters/);
    await expect(password).toBeFocused();
    await page.getByLabel('Password').fill('a longer secret');
    await page.getByRole('button', { name: 'Make the account' }).click();
    await expect(page.getByRole('heading', { name: 'No dashboard yet' })).toBeVisible();
  });

  await test.step('bring in a CSV, seeing how it was understood', async () => {
    await page.getByRole('link', { name: 'Bring in figures' }).click();
    await page.getByLabel('File to bring in').setInputFiles(upload(file()));
    await expect(page.getByText('Row 14, Umsatz: k.A.')).toBeVisible();
    await expect(page.getByText('Windows-1252')).toBeVisible();
    await expect(page.locator('thead').getByText('DD.MM.YYYY')).toBeVisible();
    await expect(page.getByText('decimal comma')).toBeVisible();
    await page.getByRole('button', { name: 'Decimal mark: decimal comma' }).click();
    await choose(page, 'Decimal mark', 'decimal point');
    await page.keyboard.press('Escape');
    await expect(page.locator('thead').getByText('words')).toHaveCount(3);
    await page.getByRole('button', { name: 'Decimal mark: decimal point' }).click();
    await choose(page, 'Decimal mark', 'decimal comma');
    await page.keyboard.press('Escape');
    await expect(page.getByText('1 doubtful cell')).toBeVisible();
    await page.getByRole('button', { name: 'Bring in 14 rows' }).click();
    await expect(page.getByRole('heading', { name: 'Umsatz', exact: true })).toBeVisible();
  });

  await test.step('build a chart against the plan', async () => {
    await page.getByRole('link', { name: 'Dashboards', exact: true }).click();
    await page.getByRole('button', { name: 'New dashboard' }).first().click();
    await page.getByLabel('Title').fill('Workshop board');
    await page.getByRole('button', { name: 'Make it' }).click();
    await page.getByRole('button', { name: 'New chart' }).first().click();
    await page.getByRole('button', { name: 'Draw it' }).click();
    // What its head says is a plan is what the first draft holds it against.
    await expect(page.getByRole('button', { name: 'Held against: Plan' })).toBeVisible();
    const rules = page.getByRole('region', { name: 'Colour rules' });
    await expect(rules).toContainText('2 of 5 figures');
    await expect(rules).toContainText('3 of 5 figures');
    await expect(page.getByRole('region', { name: 'Standouts' })).toContainText('Jun 2026');
    const figures = page.getByRole('table', { name: 'Figures of Umsatz by month' });
    await expect(figures.getByRole('row', { name: /^Umsatz/ })).toContainText('3,235');
    await expect(figures.getByRole('row', { name: /^Diff/ })).toContainText('\u22122,400');
    await expect(page.getByText('Jul 2026 is not complete yet')).toBeVisible();
  });

  await test.step('add a mean, split by region and back, undo', async () => {
    const yardsticks = page.getByRole('region', { name: 'Yardsticks' });
    await addTo(page, 'Yardsticks', /^a line at the mean of Umsatz/);
    await expect(yardsticks).toContainText('mean of Umsatz over 5 finished figures shown');
    await sayMore(page, 'Umsatz', 'a line for each word of Region');
    await expect(page.getByRole('button', { name: 'Süd', exact: true })).toBeVisible();
    await page.getByRole('button', { name: 'Undo', exact: true }).click();
    await expect(page.getByRole('button', { name: 'Süd', exact: true })).toBeHidden();
    await expect(page.getByRole('status').filter({ hasText: /^Saved \d\d:\d\d$/ })).toBeVisible();
  });

  await test.step('note a month that has no figure', async () => {
    const chart = page.getByRole('group', { name: 'Umsatz by month, line chart' });
    await chart.focus();
    for (let i = 0; i < 5; i += 1) await page.keyboard.press('ArrowRight');
    const readOut = page.getByRole('region', { name: 'Chart and figures' }).getByRole('status');
    await expect(readOut).toContainText('May 2026');
    await expect(readOut).toContainText('No figure: Umsatz');
    await page.keyboard.press('Enter');
    await page.getByLabel('What happened, and why').fill('Closed for the new roof.');
    await page.getByRole('radio', { name: 'ochre' }).click();
    await page.getByRole('button', { name: 'Save the note' }).click();
    const notes = page.getByRole('region', { name: 'Notes' });
    await expect(notes).toContainText('Closed for the new roof.');
    await expect(notes).toContainText('May 2026, Lena Brandt');
    const pennant = page.getByRole('button', { name: 'Note 1: Closed for the new roof.' });
    await expect(pennant).toBeVisible();
    await notes.getByRole('button', { name: 'Hide' }).click();
    await expect(pennant).toBeHidden();
    await notes.getByRole('button', { name: 'Show 1' }).click();
    await notes.getByRole('button', { name: 'Delete note 1' }).click();
    await expect(pennant).toBeHidden();
    await page
      .getByRole('status')
      .filter({ hasText: 'Note 1 removed.' })
      .getByRole('button', { name: 'Undo' })
      .click();
    await expect(pennant).toBeVisible();
  });

  await test.step('place it, move it with the keyboard, and find it so again', async () => {
    await page.getByRole('button', { name: 'Place on dashboard' }).click();
    await expect(page.locator('.standing')).toContainText(
      'Umsatz stands at 15,735 this year, 1,765 under Plan.',
    );
    await page.getByRole('button', { name: 'Arrange' }).click();
    const handle = page.getByRole('button', { name: 'Move Umsatz by month' });
    const before = await handle.boundingBox();
    await handle.focus();
    await page.keyboard.press('ArrowRight');
    await expect
      .poll(async () => (await handle.boundingBox())?.x)
      .toBeGreaterThan((before?.x ?? 0) + 20);
    await page.keyboard.press('Shift+ArrowLeft');
    await expect
      .poll(async () => (await handle.boundingBox())?.width)
      .toBeLessThan((before?.width ?? 0) - 20);
    const grip = await handle.boundingBox();
    const middle = { x: (grip?.x ?? 0) + 60, y: (grip?.y ?? 0) + 12 };
    await page.mouse.move(middle.x, middle.y);
    await page.mouse.down();
    await page.mouse.move(middle.x + 170, middle.y + 8, { steps: 12 });
    await page.mouse.up();
    await expect
      .poll(async () => (await handle.boundingBox())?.x)
      .toBeGreaterThan((grip?.x ?? 0) + 100);
    await page.getByRole('button', { name: 'Done arranging' }).click();
    const sheet = page.getByRole('article', { name: 'Umsatz by month' });
    const placed = await sheet.boundingBox();
    await page.reload();
    await expect
      .poll(async () => Math.round((await sheet.boundingBox())?.x ?? 0))
      .toBe(Math.round(placed?.x ?? 0));
  });

  const link = await test.step('make a link', async () => {
    await page.getByRole('button', { name: 'Share' }).click();
    await page.getByRole('button', { name: 'Make a link' }).click();
    const address = await page.getByRole('textbox', { name: 'Link' }).inputValue();
    return address;
  });

  const stranger = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const other = await stranger.newPage();

  await test.step('a colleague without an account reads it, and can do nothing else', async () => {
    await other.goto(link);
    await expect(other.getByRole('heading', { name: 'Workshop board' })).toBeVisible();
    const notes = other.getByRole('complementary', { name: 'Notes' });
    await expect(notes.getByText('Closed for the new roof.')).toBeVisible();
    const chart = other.getByRole('group', { name: 'Umsatz by month, line chart' });
    await expect(chart.locator('.chart-plot')).toContainText('3,950');
    await chart.hover();
    const sheet = other.getByRole('article', { name: 'Umsatz by month' });
    await expect(sheet.getByRole('status')).toContainText('2026');
    await chart.getByRole('button', { name: 'Plan' }).click();
    await expect(other.getByText('Plan highlighted')).toBeVisible();
    await chart.getByRole('button', { name: 'Plan' }).click();
    await expect(other.getByText('Plan highlighted')).toBeHidden();
    for (const name of [/Arrange/, /Share/, /New chart/, /Write/, /Delete/, /Edit/, /Change/])
      await expect(other.getByRole('button', { name })).toHaveCount(0);
  });

  await test.step('the figures are brought in again with one changed', async () => {
    await page.getByRole('button', { name: 'Close', exact: true }).click();
    await page.getByRole('link', { name: 'Sources' }).click();
    await page.getByRole('link', { name: 'Umsatz' }).click();
    await page.getByRole('link', { name: 'Bring in again' }).click();
    const changed = {
      Süd: takings.Süd.map((figure, place) => (place === 2 ? '5.000,00' : figure)),
    };
    await page.getByLabel('File to bring in').setInputFiles(upload(file(changed)));
    const changes = page.getByRole('region', { name: 'What would change' });
    await expect(changes).toContainText('0 rows added, 1 changed, 0 removed');
    await expect(changes.getByRole('row', { name: /Süd/ })).toContainText('2400 5000');
    await page.getByRole('button', { name: 'Bring in 14 rows' }).click();
    await expect(page.getByRole('heading', { name: 'Versions' })).toBeVisible();
    await other.reload();
    const chart = other.getByRole('group', { name: 'Umsatz by month, line chart' });
    await expect(chart.locator('.chart-plot')).toContainText('6,500');
    await expect(chart.locator('.chart-plot')).not.toContainText('3,950');
  });

  await test.step('the link is taken back', async () => {
    await page.getByRole('link', { name: 'Dashboards', exact: true }).click();
    await page.getByRole('link', { name: 'Workshop board' }).click();
    await page.getByRole('button', { name: 'Share' }).click();
    // Its address was shown once, when it was made.
    await expect(page.getByRole('textbox', { name: 'Link' })).toHaveCount(0);
    await page.getByRole('button', { name: 'Take the link back' }).click();
    await expect(page.getByRole('button', { name: 'Take the link back' })).toHaveCount(0);
    await other.reload();
    await expect(
      other.getByRole('heading', { name: 'This dashboard cannot be opened' }),
    ).toBeVisible();
    await stranger.close();
  });
});
