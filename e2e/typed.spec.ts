import { addTo, bringIn, choose, expect, makeAccount, test } from './fixtures';

const fares = [110, 120, 130, 105, 140, 115, 108, 125, 90, 85, 95, 118];
const rows = fares.map(
  (figure, month) => `2025-${String(month + 1).padStart(2, '0')}-01,${figure}`,
);

test('a chart is built by typing alone, and a broken sentence is mended', async ({
  quietPage: page,
  emptyServer: { origin },
}) => {
  await makeAccount(page, origin, 'Senara');
  await bringIn(page, origin, 'Fares', ['Month,Fares', ...rows]);
  await page.getByRole('link', { name: 'Dashboards', exact: true }).click();
  await page.getByRole('button', { name: 'New dashboard' }).first().click();
  await page.getByLabel('Title').fill('Typed');
  await page.getByRole('button', { name: 'Make it' }).click();
  await page.getByRole('button', { name: 'New chart' }).first().click();
  await choose(page, 'Drawn from', /^Fares/);
  await page.getByRole('button', { name: 'Draw it' }).click();
  await expect(page.getByRole('group', { name: /line chart/ })).toBeVisible();
  const line = page.getByRole('combobox', { name: 'A line that adds to the chart' });
  const done = page.getByRole('status').filter({ hasText: 'Done: ' });
  const rowsOf = (part: string) => page.getByRole('region', { name: part });

  await test.step('the line opens by a key and offers what is added most', async () => {
    await page.keyboard.press('+');
    await expect(line).toBeFocused();
    await expect(page.getByText('To read against', { exact: true })).toBeVisible();
    // By its handle too: the key that opened it says nothing to the line.
    await line.press('Escape');
    await page.getByRole('button', { name: 'and …' }).focus();
    await page.keyboard.press('Enter');
    await expect(line).toBeFocused();
    await expect(page.getByRole('alert')).toBeHidden();
  });

  await test.step('a word is completed, and what the line would do is drawn before it is added', async () => {
    await line.pressSequentially('a line at the mea');
    await line.press('Tab');
    await expect(line).toHaveValue('a line at the mean ');
    await line.press('Tab');
    await expect(line).toHaveValue('a line at the mean of ');
    await line.pressSequentially('fares, shaded beneath');
    await expect(page.getByRole('group', { name: /line chart/ })).toContainText(/Mean/);
    await expect(rowsOf('Yardsticks')).not.toContainText('Mean');
    await line.press('Enter');
    await expect(done).toHaveText('Done: a line at the mean of Fares, shaded beneath.');
    await expect(rowsOf('Yardsticks')).toContainText('Mean');
    await expect(rowsOf('Yardsticks')).toContainText('111.8');
  });

  await test.step('a line that was begun stays faint while something else is changed', async () => {
    await line.fill('a line at 99');
    await expect(page.getByRole('group', { name: /line chart/ })).toContainText(/Level/);
    await addTo(page, 'Standouts', 'the largest change of Fares');
    await expect(rowsOf('Standouts')).toContainText('Largest change of Fares');
    await line.fill('');
    await expect(page.getByRole('group', { name: /line chart/ })).not.toContainText(/Level/);
  });

  await test.step('a broken sentence says what is wrong with it, and is mended', async () => {
    await line.fill(
      'a bant from the mean of Fares less 1 deviation to the mean of Fares plus 1 deviation',
    );
    await line.press('Enter');
    await expect(page.getByRole('alert')).toContainText('“bant” is not known here.');
    await expect(page.getByRole('alert')).toContainText('Nearest: band from.');
    await line.fill(
      'a band from the mean of Fares less 1 deviation to the mean of Fares plus 1 deviation',
    );
    await line.press('Enter');
    await expect(rowsOf('Yardsticks')).toContainText('Usual range');
  });

  await test.step('a date line on a dial, three rules and two points', async () => {
    const lines = [
      'Start is a date, at 1 Apr 2025',
      'a line on the date of Start',
      'where Fares is under 100, draw it in brick, 3 wide',
      'where Fares is over the mean of Fares, draw it in indigo',
      'where Fares is up on the period before by 10% or more, draw its points in plum',
    ];
    for (const text of lines) {
      await line.fill(text);
      await line.press('Enter');
      await expect(done).toHaveText(`Done: ${text}.`);
    }
    await expect(rowsOf('Dials')).toContainText('Start');
    await expect(rowsOf('Yardsticks')).toContainText('Set date');
    await expect(rowsOf('Colour rules').getByRole('button', { name: /^Edit/ })).toHaveCount(3);
    await expect(rowsOf('Colour rules')).toContainText('3 of 12 figures');
    await expect(rowsOf('Standouts')).toContainText('Highest of Fares');
  });

  await test.step('each line is one step back', async () => {
    await line.press('Escape');
    await expect(line).toBeHidden();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(rowsOf('Colour rules').getByRole('button', { name: /^Edit/ })).toHaveCount(2);
  });
});
