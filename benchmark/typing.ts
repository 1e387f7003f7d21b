import type { Page } from '@playwright/test';
import { startServer } from '../server/testing';
import { median } from './median';
import { demoCookie, freshContext, openBrowser } from './pages';
import type { Measured } from './report';

const sentence =
  'a line at the mean of "Fare revenue" over the last 12 finished periods, shaded beneath, dashed';
/** As many as the line to type into offers at most. */
const offered = 8;

/**
 * Typing a line on the bench of the demo's first chart, from each keystroke until its completions are
 * painted, against a bare text field at its place, under which a list of as many words is written anew.
 */
export async function measureTyping(): Promise<Measured[]> {
  const server = await startServer({ demo: true, env: { STAND_MARK_TODAY: '2026-11-23' } });
  const browser = await openBrowser();
  try {
    const url = `${server.origin}/dashboards/1/charts/1`;
    const context = await freshContext(browser, { url, cookie: await demoCookie(server) });
    const own = await context.newPage();
    await own.goto(url);
    await own.locator('[data-drawn]').waitFor();
    await own.getByRole('button', { name: 'and …' }).click();
    const beside = await freshContext(browser, { url, cookie: await demoCookie(server) });
    const bare = await beside.newPage();
    await bare.goto(url);
    await bare.locator('[data-drawn]').waitFor();
    await bare.evaluate(listAnew, offered);
    let times = { own: NaN, bare: NaN };
    // Once at first, so that neither is measured while the browser still learns its code.
    for (let round = 0; round < 2; round += 1) {
      const typed = await typedInto(own, 'A line that adds to the chart');
      times = { own: median(typed), bare: median(await typedInto(bare, null)) };
    }
    return [
      {
        work: 'a keystroke in the line to type into, to its completions painted',
        own: `${times.own.toFixed(1)} ms`,
        peer: `a bare text field with a list of as many (${times.bare.toFixed(1)} ms)`,
        ratio: times.own / times.bare,
        limit: { atMost: 1.5 },
      },
    ];
  } finally {
    await browser.close();
    await server.stop();
  }
}

/** Runs in the page: under a bare field, a list of as many words is written anew at each keystroke. */
function listAnew(many: number) {
  const [field, list] = [document.createElement('input'), document.createElement('ul')];
  field.className = 'bare';
  list.style.cssText = 'position: absolute; z-index: 20; background: white';
  document.querySelector('.sentence')?.append(field, list);
  field.addEventListener('input', () =>
    list.replaceChildren(
      ...Array.from({ length: many }, (_, place) => {
        const item = document.createElement('li');
        item.textContent = `${field.value} ${place}`;
        return item;
      }),
    ),
  );
}

/** @returns milliseconds from each keystroke until the frame that shows what it made was painted */
async function typedInto(page: Page, label: string | null): Promise<number[]> {
  const field = label ? page.getByRole('combobox', { name: label }) : page.locator('input.bare');
  await field.fill('');
  await page.evaluate(noticeKeys);
  await field.pressSequentially(sentence, { delay: 60 });
  await page.waitForTimeout(200);
  return page.evaluate(() => (window as unknown as { painted: number[] }).painted);
}

/** Runs in the page: notes of each keystroke how long it took until the next frame was painted. */
function noticeKeys() {
  const told = window as unknown as { painted?: number[] };
  const before = told.painted;
  told.painted = [];
  if (before) return;
  window.addEventListener(
    'keydown',
    ({ timeStamp }) =>
      requestAnimationFrame(() => {
        const { port1, port2 } = new MessageChannel();
        port1.onmessage = () => told.painted?.push(performance.now() - timeStamp);
        port2.postMessage(null);
      }),
    { capture: true },
  );
}
