import type { Browser, Page } from '@playwright/test';
import { startServer } from '../server/testing';
import { median } from './median';
import { demoCookie, freshContext, openBrowser } from './pages';
import type { Measured } from './report';

const rounds = 22;

/** One change on the bench: what is pressed, there and back. */
interface Change {
  work: string;
  atMost: number;
  /** opens what holds the choices */
  open: (page: Page) => Promise<void>;
  /** the names of the two choices */
  choices: [string, string];
}

const changes: Change[] = [
  {
    work: 'a mean shaded on the bench, pressed to painted',
    atMost: 1.3,
    open: async (page) => {
      const taken = async (label: string, words: string) => {
        await page.getByRole('combobox', { name: label }).click();
        await page.locator('.ant-select-item-option').getByText(words, { exact: true }).click();
      };
      await taken('Add to Yardsticks', 'a line at the mean of Fare revenue');
      const yardsticks = page.getByRole('region', { name: 'Yardsticks' });
      await yardsticks.getByRole('button', { name: 'Edit Mean' }).click();
      await taken('Say more: Mean', 'shaded beneath');
    },
    choices: ['shaded above', 'shaded beneath'],
  },
  {
    work: 'another grain on the bench, pressed to painted',
    atMost: 1.6,
    open: (page) => page.getByRole('button', { name: 'Period: month' }).click(),
    choices: ['quarter', 'month'],
  },
];

/** Changes on the bench, against drawing the picture that they lead to. */
export async function measureChanges(): Promise<Measured[]> {
  const server = await startServer({ demo: true, env: { STAND_MARK_TODAY: '2026-11-23' } });
  const browser = await openBrowser();
  try {
    const url = `${server.origin}/dashboards/1/charts/1`;
    const cookie = await demoCookie(server);
    const measured: Measured[] = [];
    for (const change of changes) measured.push(await measure(browser, { url, cookie }, change));
    return measured;
  } finally {
    await browser.close();
    await server.stop();
  }
}

async function measure(
  browser: Browser,
  opened: { url: string; cookie: string },
  { work, atMost, open, choices }: Change,
): Promise<Measured> {
  const context = await freshContext(browser, opened);
  const page = await context.newPage();
  await page.goto(opened.url);
  await page.locator('.chart-plot[data-drawn]').waitFor();
  await open(page);
  await page.waitForTimeout(1500);
  const own: number[] = [];
  const peer: number[] = [];
  for (let round = 0; round < rounds; round += 1) {
    const time = await pressed(page, choices[round % 2] ?? '');
    // Saving follows half a second after a change; it must not fall into the next.
    await page.waitForTimeout(1200);
    const bare = await redrawn(page);
    // The first round of each choice asks for figures that nobody has asked for before.
    if (round < 2) continue;
    own.push(time);
    peer.push(bare);
  }
  await context.close();
  return {
    work,
    own: `${median(own).toFixed(0)} ms`,
    peer: `a bare redraw (${median(peer).toFixed(0)} ms)`,
    ratio: median(own.map((time, place) => time / (peer[place] as number))),
    limit: { atMost },
  };
}

/** Presses a choice, and waits until the picture was drawn anew and a frame with it was shown. */
export const pressed = (page: Page, choice: string): Promise<number> =>
  page.evaluate((words) => {
    const node = document.querySelector<HTMLElement>('.chart-plot');
    const input = [...document.querySelectorAll('label')]
      .find((label) => label.textContent === words)
      ?.querySelector('input');
    if (!node || !input) throw new Error(`There is no choice “${words}”.`);
    const before = node.dataset.drawn;
    const begun = performance.now();
    input.click();
    return new Promise<number>((resolve) => {
      const look = () =>
        node.dataset.drawn === before
          ? requestAnimationFrame(look)
          : requestAnimationFrame(() => resolve(performance.now() - begun));
      requestAnimationFrame(look);
    });
  }, choice);

/** Draws what stands in the page anew with the library alone, to a frame that shows it. */
export const redrawn = (page: Page): Promise<number> =>
  page.evaluate(async () => {
    interface Drawn extends HTMLElement {
      data: object[];
      layout: object;
    }
    const node = document.querySelector('.chart-plot') as Drawn;
    const script = performance
      .getEntriesByType('resource')
      .find(({ name }) => name.includes('plotly'))?.name;
    const { default: library } = (await import(script ?? '')) as {
      default: { react: (...args: unknown[]) => Promise<void> };
    };
    // Other objects with the same content: the library would skip what is the same.
    const data = structuredClone(node.data);
    const layout = structuredClone(node.layout);
    const begun = performance.now();
    await library.react(node, data, layout, { staticPlot: true, displayModeBar: false });
    return new Promise<number>((resolve) =>
      requestAnimationFrame(() => requestAnimationFrame(() => resolve(performance.now() - begun))),
    );
  });
