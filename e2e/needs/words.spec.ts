import type { Page } from '@playwright/test';
import { expect, test } from '../fixtures';
import { months, Walker } from './walker';

const weekdays = ['Monday,40', 'Tuesday,52', 'Wednesday,31', 'Thursday,48', 'Friday,66'];

test('need 1: sailings by weekday, with lines on words that stay on them', async ({
  quietPage: page,
  emptyServer: { origin },
}) => {
  const walk = await Walker.before(page, origin, 'one', [
    ['Weekdays', ['Day,Sailings', ...weekdays]],
  ]);
  await walk.draw();
  await walk.say(
    'a line on the place "Tuesday", 0.5 wide',
    'a line on the place "Friday", 0.5 wide',
    'a line where Sailings is lowest, 0.5 wide',
  );
  await walk.place();
  walk.ended('1');
  await expect(page.locator('.chart-plot')).toContainText('Wednesday');
  await onTheirWords(page);
  // A word that comes later between two others moves no line off its word, nor the lowest.
  const [sourceId = 0] = walk.sources;
  const later = [...weekdays.slice(0, 4), 'Bank holiday,35', ...weekdays.slice(4)];
  await walk.person.bringIn(['Day,Sailings', ...later].join('\n'), { sourceId, mode: 'replace' });
  await page.reload();
  await expect(page.locator('.chart-plot')).toContainText('Bank holiday');
  await onTheirWords(page);
});

/** The names of the lines stand over the words beneath, each over its own. */
async function onTheirWords(page: Page) {
  for (const word of ['Tuesday', 'Friday']) {
    const named = page.locator('.chart-plot').getByText(word, { exact: true });
    await expect(named).toHaveCount(2);
    // Both at one moment, and once the picture has its size.
    const apart = () =>
      named.evaluateAll((both) => {
        const [one = 0, two = 0] = both
          .map((each) => each.getBoundingClientRect())
          .map(({ left, width }) => left + width / 2);
        return Math.abs(one - two);
      });
    await expect.poll(apart).toBeLessThan(50);
  }
}

test('need 20: thirty ports by island group, one in ink, against a fixed reference', async ({
  quietPage: page,
  emptyServer: { origin },
  browser,
}) => {
  const ports = Array.from({ length: 30 }, (_, at) => at + 1);
  const rows = [2024, 2025].flatMap((year) =>
    ports.map((port) => `${year},Port ${port},Group ${port % 5},${port * 10 + year - 2024}`),
  );
  const walk = await Walker.before(page, origin, 'twenty', [
    ['Ports', ['Year,Port,Island,Passengers', ...rows]],
  ]);
  await walk.draw();
  await walk.say(
    'Passengers is now a line for each word of Port, coloured by Island, in ink "Port 7"',
    'Reference is a target: 200 throughout',
    'opens with the line "Port 7"',
  );
  await walk.place();
  const sheet = walk.sheet(/^Passengers/);
  await expect(sheet).toContainText('31 lines');
  await expect(page.locator('.end-label', { hasText: 'Port 7' }).first()).toBeVisible();
  walk.ended('20a');
  const phone = await walk.onPhone(browser);
  await expect(phone.locator('.end-label', { hasText: 'Port 7' }).first()).toBeVisible();
  await phone.context().close();
});

test('need 20: several readings a day as percentiles, median and extremes, chosen by a reader', async ({
  quietPage: page,
  emptyServer: { origin },
  browser,
}) => {
  // Each day 10, 20 and so on to 110, a minute more each day.
  const readings = months(2025, 6).flatMap((day, later) =>
    Array.from({ length: 11 }, (_, at) => `${day},${(at + 1) * 10 + later}`),
  );
  const walk = await Walker.before(page, origin, 'readings', [
    ['Crossings', ['Day,Minutes', ...readings]],
  ]);
  await walk.draw();
  await walk.say(
    'Median is an actual: the median of Minutes in Crossings',
    'Highest is a line: the 90th percentile of Minutes in Crossings, dotted',
    'Lowest is a line: the 10th percentile of Minutes in Crossings, dotted',
    'Usual is a band between Lowest and Highest',
    'Whole is a band over the readings of Median from their 0th percentile to their 100th percentile',
    'Bands is several of "Usual" and "Whole", at "Usual"',
    'shows the yardsticks chosen by Bands, names in a legend, yardsticks in the legend too',
  );
  await walk.place();
  walk.ended('20b');
  const legend = (where: typeof page) => where.locator('.legend-entry');
  await expect(legend(page).filter({ hasText: 'Usual' })).toHaveCount(1);
  await expect(legend(page).filter({ hasText: 'Whole' })).toHaveCount(0);
  // By hand: percentiles of 10 to 110 in steps of 10 are 20, 60 and 100.
  const sheet = walk.sheet(/./).first();
  await sheet.getByRole('group', { name: /line chart/ }).focus();
  await page.keyboard.press('Home');
  for (const figure of ['Highest100', 'Median60', 'Lowest20'])
    await expect(sheet.getByRole('status')).toContainText(figure);
  const phone = await walk.onPhone(browser);
  await phone.getByRole('combobox', { name: 'Bands' }).click();
  await phone.locator('.ant-select-item-option:visible').getByText('Whole').click();
  await expect(legend(phone).filter({ hasText: 'Whole' })).toHaveCount(1);
  await phone.context().close();
});

test('need 21: a slope between two years by port, those chosen dark', async ({
  quietPage: page,
  emptyServer: { origin },
  browser,
}) => {
  const ports = Array.from({ length: 14 }, (_, at) => at + 1);
  const rows = [2024, 2025].flatMap((year, later) =>
    ports.map((port) => `${year},Port ${port},${port * 100 + later * 25}`),
  );
  const walk = await Walker.before(page, origin, 'twentyone', [
    ['Ports', ['Year,Port,Passengers', ...rows]],
  ]);
  await walk.draw();
  await walk.say(
    'Passengers is now a line for each word of Port, all in one colour, in ink "Port 7"',
    'as a slope from the year before to the last finished',
    'Ports is several of "Port 7" and "Port 12", at "Port 7"',
    'opens with the lines chosen by Ports',
  );
  await walk.place();
  walk.ended('21');
  const strong = (where: typeof page) => where.locator('.end-label[aria-pressed="true"]');
  // 700 and 725: 25 of 700.
  await expect(strong(page).last()).toHaveText(/725.*Port 7.*\+3\.6%/s);
  const phone = await walk.onPhone(browser);
  await phone.getByRole('combobox', { name: 'Ports' }).click();
  await phone.locator('.ant-select-item-option:visible').getByText('Port 12').click();
  await expect(strong(phone).filter({ hasText: 'Port 12' }).first()).toBeVisible();
  await expect(strong(phone).filter({ hasText: 'Port 7' }).first()).toBeVisible();
  await phone.context().close();
});
