import { utils, write } from '@e965/xlsx';
import { choose, deliver, expect, makeAccount, test, holdAgainst } from './fixtures';

const monthNames = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun'];
const days = Array.from({ length: 181 }, (_, place) =>
  new Date(Date.UTC(2026, 0, 1 + place)).toISOString().slice(0, 10),
);

/** A day's fares of two routes: 100 and 50, each day. */
const actuals = Buffer.from(
  ['Day,Route,Fares', ...days.flatMap((day) => [`${day},North,100.00`, `${day},South,50.00`])].join(
    '\n',
  ),
);

/** The budget as the office types it: a title, months across, totals both ways. */
function budget(change: (rows: (string | number)[][]) => void = () => {}): Buffer {
  const rows: (string | number)[][] = [
    ['Workshop ferries, budget 2026'],
    [],
    ['Route', ...monthNames, 'Total'],
    ['North', 3000, 3000, 3000, 3000, 3000, 3000, 18_000],
    ['South', 1600, 1600, 1600, 1600, 1600, 1600, 9600],
    ['Total', 4600, 4600, 4600, 4600, 4600, 4600, 27_600],
  ];
  change(rows);
  const cover = utils.aoa_to_sheet([['Read me first']]);
  const book = utils.book_new(cover, 'Cover');
  utils.book_append_sheet(book, utils.aoa_to_sheet(rows), 'Budget');
  return write(book, { type: 'buffer' }) as Buffer;
}

test('a wide workbook and a daily table are brought in and meet on a monthly chart', async ({
  quietPage: page,
  emptyServer,
}) => {
  const { origin } = emptyServer;
  await makeAccount(page, origin, 'Ada');
  await page.goto(`${origin}/sources/new`);
  await deliver(page, 'actuals.csv', actuals);
  await page.getByRole('button', { name: 'Bring in 362 rows' }).click();
  await expect(page.getByRole('heading', { name: 'Actuals' })).toBeVisible();

  const preparation = page.getByRole('region', { name: 'Preparation' });
  await test.step('the workbook says how it is prepared, and its sentences can be changed', async () => {
    await page.goto(`${origin}/sources/new`);
    await deliver(page, 'budget-2026.xlsx', budget());
    await expect(page.getByRole('button', { name: 'Sheet: “Budget”' })).toBeVisible();
    const sentences = preparation.getByRole('listitem');
    await expect(sentences).toHaveCount(3);
    // Of two rows, and of a plan that is the same each month, nobody can tell what a total is.
    for (const about of ['says “Total”', 'Leave out “Total”']) {
      const question = page.getByRole('region', { name: /^Question/ }).filter({ hasText: about });
      await question.getByRole('button', { name: 'Do that' }).click();
      await expect(question).toHaveCount(0);
    }
    await expect(sentences).toHaveCount(5);
    await expect(sentences.nth(0)).toContainText('Above it stands: Workshop ferries, budget 2026');
    await expect(sentences.nth(1)).toContainText('1 row left out: Total');
    await sentences.nth(3).getByRole('button', { name: 'Before and after' }).click();
    const after = page.getByRole('table', { name: 'Rows after sentence 4' });
    await expect(after.getByRole('row').nth(1)).toContainText('NorthJan3000');
    await sentences.nth(3).getByRole('button', { name: 'Back to the table' }).click();
    await sentences.nth(1).getByRole('button', { name: 'Switch off' }).click();
    await expect(page.getByRole('button', { name: 'Bring in 18 rows' })).toBeVisible();
    await sentences.nth(1).getByRole('button', { name: 'Switch on' }).click();
    await sentences.nth(3).getByRole('button', { name: 'Values: “Value”' }).click();
    await page.getByRole('textbox', { name: 'Values' }).fill('Budget');
    await page.keyboard.press('Enter');
    await page.keyboard.press('Escape');
    await expect(page.getByRole('columnheader', { name: /^Budget/ })).toBeVisible();
    await page.getByRole('button', { name: 'Bring in 12 rows' }).click();
    await expect(page.getByRole('heading', { name: 'Budget 2026' })).toBeVisible();
    await expect(page.getByText('their cells “Budget”')).toBeVisible();
  });

  await test.step('they meet by the month', async () => {
    await page.getByRole('link', { name: 'Dashboards', exact: true }).click();
    await page.getByRole('button', { name: 'New dashboard' }).first().click();
    await page.getByLabel('Title').fill('Board');
    await page.getByRole('button', { name: 'Make it' }).click();
    await page.getByRole('button', { name: 'New chart' }).first().click();
    await choose(page, 'Drawn from', /^Actuals/);
    await page.getByRole('button', { name: 'Draw it' }).click();
    await holdAgainst(page, /^to be at least Budget.* in/);
    const figures = page.getByRole('table', { name: 'Figures of Fares by month' });
    await expect(figures.getByRole('row', { name: /^Fares/ })).toContainText('4,650');
    await expect(figures.getByRole('row', { name: /^Diff/ })).toContainText('50');
    await expect(page.getByRole('region', { name: 'Colour rules' })).toContainText(
      '3 of 6 figures',
    );
  });

  await test.step('the next delivery goes through by itself, or says what it misses', async () => {
    await page.goto(`${origin}/sources`);
    await page.getByRole('link', { name: 'Budget 2026' }).click();
    await page.getByRole('link', { name: 'Bring in again' }).click();
    const renamed = budget((rows) => (rows[2] as string[]).splice(0, 1, 'Line'));
    await deliver(page, 'budget-2026.xlsx', renamed);
    await expect(preparation.getByText('The column “Route” is not there')).toBeVisible();
    await expect(page.getByRole('button', { name: /^Bring in \d+ rows/ })).toBeDisabled();
    await page.getByRole('button', { name: 'Another file' }).click();
    await deliver(
      page,
      'budget-2026.xlsx',
      budget((rows) => rows[3]?.splice(1, 1, 3500)),
    );
    const changes = page.getByRole('region', { name: 'What would change' });
    await expect(changes).toContainText('0 rows added, 1 changed, 0 removed');
    await page.getByRole('button', { name: 'Bring in 12 rows' }).click();
    await expect(page.getByText('in use')).toBeVisible();
    await expect(page.getByRole('button', { name: 'Use this one' })).toHaveCount(1);
  });
});

test('a target table is typed into the grid, corrected, and taken back', async ({
  quietPage: page,
  emptyServer,
}) => {
  const { origin } = emptyServer;
  await makeAccount(page, origin, 'Bea');
  await page.goto(`${origin}/sources/new`);
  await page.getByRole('link', { name: 'Type a table' }).click();
  await page.getByLabel('Name of the source').fill('Targets');
  const type = async (row: number, column: number, text: string) => {
    const cell = page.getByLabel(`Row ${row}, column ${column}`, { exact: true });
    // A grid that opens lays its columns out anew: a cell that still moves would be missed.
    let before = '';
    const still = async () => {
      const now = JSON.stringify(await cell.boundingBox());
      const stands = now === before;
      before = now;
      return stands;
    };
    await expect.poll(still, { intervals: [150] }).toBe(true);
    await cell.click({ force: true });
    await page.keyboard.type(text);
    await page.keyboard.press('Enter');
  };
  await type(1, 1, 'Month');
  await type(1, 2, 'Target');
  // Down the column by its keys alone.
  await page.getByLabel('Row 2, column 1', { exact: true }).click({ force: true });
  for (const month of ['Jan 2026', 'Feb 2026', 'Mar 2026']) {
    await page.keyboard.type(month);
    await page.keyboard.press('Enter');
  }
  await type(2, 2, '1,200');
  await type(3, 2, '1,300');
  await type(4, 2, 'many');
  await expect(page.getByRole('status').filter({ hasText: 'Target' })).toContainText(
    '“Target” holds words, since many is no figure.',
  );
  await type(4, 2, '1,400');
  await expect(page.getByRole('status').filter({ hasText: 'Target' })).toContainText(
    '“Target” holds figures.',
  );
  await page.keyboard.press('Control+z');
  await expect(page.getByLabel('Row 4, column 2', { exact: true })).toHaveValue('many');
  await page.keyboard.press('Control+Shift+z');
  await expect(page.getByLabel('Row 4, column 2', { exact: true })).toHaveValue('1,400');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Targets' })).toBeVisible();
  await expect(page.getByRole('table', { name: 'The first rows of Targets' })).toContainText(
    '1 Mar 20261,400',
  );

  await page.getByRole('link', { name: 'Correct in place' }).click();
  await type(3, 2, '1350');
  await page.getByRole('button', { name: 'Save a version' }).click();
  await expect(page.getByRole('table', { name: 'The first rows of Targets' })).toContainText(
    '1 Feb 20261,350',
  );
  await expect(page.getByRole('button', { name: 'Use this one' })).toHaveCount(1);

  await test.step('rows that came in meanwhile are not written over unseen', async () => {
    await page.getByRole('link', { name: 'Correct in place' }).click();
    await type(2, 2, '1250');
    const id = /sources\/(\d+)/.exec(page.url())?.[1];
    const ask = (path: string, data: unknown) =>
      page.request.post(`${origin}/api${path}`, {
        data,
        headers: { 'x-stand-mark': '1' },
      });
    const sent = await ask(
      '/uploads?name=more.csv',
      Buffer.from('Month,Target\n2026-04-01,1500\n'),
    );
    const { id: uploadId } = (await sent.json()) as { id: string };
    const append = { sourceId: Number(id), mode: 'append', form: {} };
    expect(await (await ask(`/uploads/${uploadId}/bring-in`, append)).text()).toContain('"done"');
    await page.getByRole('button', { name: 'Save a version' }).click();
    await expect(page.getByRole('alert')).toContainText('Other rows have come into this source');
    await expect(page.getByLabel('Row 2, column 2', { exact: true })).toHaveValue('1250');
    await page.getByRole('button', { name: 'Let mine take its place' }).click();
    await page.getByRole('button', { name: 'Save a version' }).click();
    await expect(page.getByRole('table', { name: 'The first rows of Targets' })).toContainText(
      '1 Jan 20261,250',
    );
  });
});

test('a file goes on being brought in when its page is left, and the list of sources tells of it', async ({
  quietPage: page,
  emptyServer,
}) => {
  await makeAccount(page, emptyServer.origin, 'Tide');
  await page.goto(`${emptyServer.origin}/sources/new`);
  const rows = Array.from({ length: 400_000 }, (_, row) => `2026-01-05,${row}`);
  await deliver(page, 'long.csv', Buffer.from(['Day,Fares', ...rows].join('\n')));
  await page.getByRole('button', { name: 'Bring in 400,000 rows' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'Storing' })).toBeVisible();
  await page.getByRole('link', { name: 'Sources' }).first().click();
  const told = page.getByRole('list', { name: 'Files on their way in' });
  await expect(told).toContainText('long.csv is being brought in');
  await expect(told).toContainText('long.csv was brought in', { timeout: 60_000 });
  await expect(page.getByRole('link', { name: 'Long' })).toBeVisible();
  await told.getByRole('button', { name: 'Put the word on long.csv away' }).click();
  await expect(told).toBeHidden();
});

test('months without a year become dates by a year that is typed', async ({
  quietPage: page,
  emptyServer: { origin },
}) => {
  await makeAccount(page, origin, 'Mae');
  await page.goto(`${origin}/sources/new`);
  await deliver(page, 'fares.csv', Buffer.from('Month,Fares\nJan,1.5\nFeb,3\nMar,4\n'));
  await page.getByRole('button', { name: 'Add a sentence' }).click();
  await page.getByRole('menuitem', { name: 'Put a date together' }).click();
  // The file names none.
  await expect(page.getByRole('button', { name: /^Bring in/ })).toBeDisabled();
  await page.getByRole('button', { name: 'that the file says' }).click();
  await page.getByRole('spinbutton', { name: 'Or one year for all rows' }).fill('2025');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('region', { name: 'The first rows of the table' })).toContainText(
    '1 Jan 2025 to 1 Mar 2025',
  );
  await page.getByRole('button', { name: 'Bring in 3 rows' }).click();
  await expect(page.getByRole('heading', { name: 'Fares' })).toBeVisible();
});
