import type { Page } from '@playwright/test';
import { expect, test } from '../fixtures';
import { months, Walker } from './walker';

/** A press on the figure of a line at a place: where its circle stands while it is pointed at. */
async function pressPoint(page: Page, title: string | RegExp, place: number, touch = false) {
  const sheet = page.getByRole('article', { name: title }).first();
  const chart = sheet.getByRole('group', { name: /line chart/ });
  await chart.focus();
  await page.keyboard.press('Home');
  for (let step = 0; step < place; step += 1) await page.keyboard.press('ArrowRight');
  const box = await chart.locator('.crosshair circle').first().boundingBox();
  if (!box) throw new Error('Nothing is pointed at.');
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  if (touch) await page.touchscreen.tap(x, y);
  else await page.mouse.click(x, y);
}

test('need 2: passengers by bare year, a point picked that narrows another chart', async ({
  quietPage: page,
  emptyServer: { origin },
  browser,
}) => {
  const years = [2015, 2016, 2018, 2019, 2022, 2023];
  const rows = years.flatMap((year, at) => [
    `${year},Osk,${100 + at * 20}`,
    `${year},Fenn,${50 + at}`,
  ]);
  const walk = await Walker.before(page, origin, 'two', [
    ['Years', ['Year,Route,Passengers', ...rows]],
  ]);
  await walk.draw();
  await walk.say(
    'Passengers is now in indigo, 7 wide, points in brick, points 6 to 18 across',
    'the value axis is titled "Passengers a year", the axis beneath is titled "Year", replayed with the words "{count} of {all}", what is picked in it narrows the others',
  );
  await walk.place();
  walk.ended('2');
  // Another chart beside it, which is narrowed.
  await walk.sheet(/^Passengers/).hover();
  await walk.button(/^Change Passengers/).click();
  await page.getByRole('menuitem', { name: 'Copy it here' }).click();
  const other = page.getByRole('article', { name: /copied$/ });
  await expect(other).toBeVisible();
  // 2017 has no figure.
  await pressPoint(page, /^Passengers/, 3);
  const narrowed = page.getByRole('region', { name: 'Narrowed to' });
  await expect(narrowed).toContainText('2018');
  // 140 of Osk and 52 of Fenn.
  await expect(other).toContainText(/only.*2018.*ends at 192 in 2018/s);
  const sheet = walk.sheet(/^Passengers by year$/);
  await expect(sheet).toContainText(/Passengers in 2018 highlighted/);
  // What is picked stands in the address: a link shows it.
  await page.waitForURL(/only\..*lit\.all=/);
  await page.reload();
  await expect(narrowed).toContainText('2018');
  const phone = await walk.onPhone(browser);
  await pressPoint(phone, /^Passengers/, 4, true);
  await expect(phone.getByRole('region', { name: 'Narrowed to' })).toContainText('2019');
  await phone.context().close();
});

test('need 3: a sheet with months across, fuel at a share of it, what is left and a target', async ({
  quietPage: page,
  emptyServer: { origin },
}) => {
  const across = `Item,${months(2025, 12)
    .map((month) => month.slice(0, 7))
    .join()}`;
  const of = (name: string, first: number, more: number) =>
    [name, ...Array.from({ length: 12 }, (_, at) => first + at * more)].join();
  const walk = await Walker.before(page, origin, 'three', [
    ['Sheet', [across, of('Fares', 100, 3)]],
  ]);
  await walk.draw();
  await walk.say(
    'Value is now 3 wide',
    'Fuel is a line: worked out as (60% of Value)',
    'Left is a line: worked out as (Value - Fuel)',
  );
  const figures = page.getByRole('table', { name: /^Figures of/ });
  // In December 133: 79.8 of it, and 53.2 left.
  await expect(figures).toContainText('79.8');
  await expect(figures).toContainText('53.2');
  // The next delivery has the rows.
  const [sourceId = 0] = walk.sources;
  await walk.bringIn([across, of('Fares', 100, 4), of('Target', 120, 0)], sourceId);
  await page.reload();
  await walk.isRead();
  await walk.press(page.getByRole('combobox', { name: 'Add to Series' }));
  await walk.option('rows of Sheet, by their Item');
  await walk.press(page.getByRole('checkbox', { name: 'Fares' }));
  await walk.press(page.getByRole('checkbox', { name: 'Target' }));
  walk.ended('3');
  // In December 144 now, against 120: 86.4 and 57.6.
  for (const figure of ['144', '120', '86.4', '57.6']) await expect(figures).toContainText(figure);
  await walk.pressed('Edit Fares');
  await expect(walk.rows('Series').getByRole('button', { name: '3 wide' })).toBeVisible();
});

test('need 4: notes on a month without a figure and on another, kept, changed and brought back', async ({
  quietPage: page,
  emptyServer: { origin },
  browser,
}) => {
  const figures = months(2025, 6).map((month, at) => `${month},${at === 2 ? '' : 10 + at * at}`);
  const walk = await Walker.before(page, origin, 'four', [['Board', ['Month,Fares', ...figures]]]);
  await walk.draw();
  await walk.place();
  const sheet = walk.sheet(/^Fares/);
  const chart = sheet.getByRole('group', { name: /line chart/ });
  const note = async (place: number, text: string, colour: string) => {
    // Where the pointer is moved is no press.
    await chart.focus();
    await page.keyboard.press('Home');
    for (let step = 0; step < place; step += 1) await page.keyboard.press('ArrowRight');
    await walk.press(sheet.getByRole('button', { name: 'Write a note' }));
    await walk.fill(page.getByLabel('What happened, and why'), text);
    await walk.press(page.getByRole('radio', { name: colour }));
    await walk.pressed('Save the note');
    await expect(page.getByLabel('What happened, and why')).toBeHidden();
  };
  await note(2, 'Closed for the quay.', 'ochre');
  await note(4, 'The new boat.', 'teal');
  walk.ended('4');
  const notes = page.getByRole('complementary', { name: 'Notes' });
  await expect(notes).toContainText('Mar 2025, four');
  await expect(notes).toContainText('May 2025, four');
  const phone = await walk.onPhone(browser);
  const seen = phone.getByRole('complementary', { name: 'Notes' }).getByText('The new boat.');
  await expect(seen).toBeVisible();
  await notes.getByRole('button', { name: 'Delete note 2' }).click();
  await expect(seen).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(seen).toBeVisible();
  await phone.context().close();
});

test('need 6: another chart beside the pointer, only the pointed month, in a set width', async ({
  quietPage: page,
  emptyServer: { origin },
  browser,
}) => {
  const days = months(2025, 6).flatMap((month, at) => [
    `${month},${10 + at}`,
    `${month.slice(0, 8)}15,${20 - at * 9}`,
    `${month.slice(0, 8)}28,3`,
  ]);
  const walk = await Walker.before(page, origin, 'six', [['Daily', ['Day,Fares', ...days]]]);
  await walk.draw();
  // The companion is made in the same breath, by day, its points by their sign.
  await walk.say('where Fares is under 0, draw its points in brick');
  await walk.pressed('Edit With the dashboard’s other charts');
  await walk.pressed('Draw a new chart for the pointer');
  const beside = page.getByRole('complementary', { name: /^Beside it/ });
  await expect(walk.rows('Scales and names')).toContainText('shows Fares by day at the pointer');
  await walk.say(
    'shows "Fares by day" at the pointer, 333 pixels wide, beside it, its line in plum',
  );
  // It is seen on the bench.
  await page.keyboard.press('Escape');
  await page.getByRole('group', { name: /line chart/ }).focus();
  await page.keyboard.press('Home');
  await expect(beside).toContainText('only Jan 2025');
  await walk.place();
  walk.ended('6');
  await walk
    .sheet('Fares by month')
    .getByRole('group', { name: /line chart/ })
    .focus();
  await page.keyboard.press('Home');
  await page.keyboard.press('ArrowRight');
  await expect(beside).toContainText('only Feb 2025');
  expect((await beside.boundingBox())?.width).toBe(333);
  const phone = await walk.onPhone(browser);
  const chart = phone
    .getByRole('article', { name: 'Fares by month' })
    .getByRole('group', { name: /line chart/ });
  await chart.tap({ position: { x: 150, y: 100 } });
  await expect(phone.getByRole('complementary', { name: /^Beside it/ })).toContainText(
    /only \w+ 2025/,
  );
  await phone.context().close();
});

test('need 7: a date clicked, and what lies between two', async ({
  quietPage: page,
  emptyServer: { origin },
  browser,
}) => {
  const walk = await Walker.before(page, origin, 'seven', [
    [
      'Board',
      [
        'Month,Fares,Fuel',
        ...months(2025, 12).map((month, at) => `${month},${100 + at * at},${40 + at}`),
      ],
    ],
  ]);
  await walk.draw();
  await walk.press(page.getByRole('combobox', { name: 'Add to Series' }));
  await walk.option(/^from Board/);
  await walk.place();
  walk.ended('7');
  const hold = async (on: Page, place: number, touch = false) => {
    const sheet = on.getByRole('article', { name: /^Fares/ });
    const chart = sheet.getByRole('group', { name: /line chart/ });
    const box = await chart.boundingBox();
    await chart.focus();
    await on.keyboard.press('Home');
    for (let step = 0; step < place; step += 1) await on.keyboard.press('ArrowRight');
    const line = await chart.locator('.crosshair line').last().boundingBox();
    const x = line?.x ?? 0;
    // Beside the lines, low in the picture.
    const y = (line?.y ?? 0) + (line?.height ?? 0) - 3;
    if (!box) throw new Error('no picture');
    if (touch) await on.touchscreen.tap(x, y);
    else await on.mouse.click(x, y);
    await chart.blur();
    await on.mouse.move(1, 1);
  };
  const said = (on: Page) => on.getByRole('article', { name: /^Fares/ }).getByRole('status');
  await hold(page, 2);
  await expect(said(page)).toHaveText(/^Mar 2025.*Fares104.*Fuel42/);
  await hold(page, 10);
  // 104 and 200, 42 and 50.
  await expect(said(page)).toHaveText(/Mar 2025 to Nov 2025.*Fares104200\+96.*Fuel4250\+8/);
  await expect(page.getByRole('region', { name: 'Held dates' })).toContainText('Mar 2025');
  const phone = await walk.onPhone(browser);
  await hold(phone, 2, true);
  await expect(phone.getByRole('region', { name: 'Held dates' })).toContainText('Mar 2025');
  await expect(said(phone)).toContainText('104');
  await phone.context().close();
});
