import type { Page } from '@playwright/test';
import { expect, test } from './fixtures';

/** Labels of a chart that lie on each other, or not within its picture. */
const badLabels = (page: Page) =>
  page.evaluate(() =>
    [...document.querySelectorAll('.chart')].flatMap((chart) => {
      const title = chart.getAttribute('aria-label') ?? '';
      const picture = chart.getBoundingClientRect();
      const labels = [
        ...chart.querySelectorAll(
          '.end-label, .panel-title, .annotation-text, .headline > *, .legend-entry',
        ),
      ].map((node) => {
        const range = document.createRange();
        range.selectNodeContents(node);
        const box =
          node.tagName === 'text' ? node.getBoundingClientRect() : range.getBoundingClientRect();
        const own = node.getBoundingClientRect();
        // What is cut off with dots takes no more room than its element.
        return {
          text: node.textContent ?? '',
          left: Math.max(box.left, own.left),
          right: Math.min(box.right, own.right),
          top: box.top + 2,
          bottom: box.bottom - 2,
        };
      });
      const outside = labels
        .filter(
          ({ left, right, top, bottom }) =>
            left < picture.left - 1 ||
            right > picture.right + 1 ||
            top < picture.top - 1 ||
            bottom > picture.bottom + 1,
        )
        .map(({ text }) => `${title}: “${text}” is not within the picture`);
      const meeting = labels.flatMap((one, at) =>
        labels
          .slice(at + 1)
          .filter(
            (two) =>
              one.left < two.right - 1 &&
              two.left < one.right - 1 &&
              one.top < two.bottom &&
              two.top < one.bottom,
          )
          .map((two) => `${title}: “${one.text}” lies on “${two.text}”`),
      );
      return labels.length === 0 ? [`${title}: no label`] : [...outside, ...meeting];
    }),
  );

/** Waits until every picture is drawn, and none is drawn anew. */
async function settled(page: Page) {
  let before = '';
  const still = async () => {
    const now = await page
      .locator('.chart-plot')
      .evaluateAll((nodes) => nodes.map((node) => (node as HTMLElement).dataset.drawn ?? ''));
    const stands = now.join() === before && now.every((times) => times !== '');
    before = now.join();
    return stands;
  };
  await expect.poll(still, { intervals: [700] }).toBe(true);
}

// Every arrangement at every size, before and after a new month, is held by web/picture/labelSweep.test.
test('no label lies on another or leaves its picture, as letters are really set', async ({
  quietPage: page,
  demoServer: { origin },
}) => {
  const found: string[] = [];
  await page.goto(origin);
  await page.getByRole('button', { name: 'Enter as Maren, author' }).click();
  await page.getByRole('link', { name: 'Pellow Isles Ferries, monthly board' }).waitFor();
  for (const width of [1280, 820]) {
    await page.setViewportSize({ width, height: 900 });
    for (const board of [1, 2, 3]) {
      await page.goto(`${origin}/dashboards/${board}`);
      await expect(page.locator('.chart-plot[data-drawn]').first()).toBeVisible();
      await settled(page);
      found.push(...(await badLabels(page)).map((sentence) => `${width}, ${sentence}`));
    }
  }
  expect([...new Set(found)]).toEqual([]);
});
