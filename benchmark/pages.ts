import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { type Browser, type BrowserContext, chromium, type Page } from '@playwright/test';
import sirv from 'sirv';
import { startServer, TestPerson, type TestServer } from '../server/testing';
import { median } from './median';
import type { Measured } from './report';

const rounds = 15;

/** Opening the demo dashboard, against a bare page that draws the same figures with the same library. */
export async function measurePages(): Promise<Measured[]> {
  const server = await startServer({ demo: true, env: { STAND_MARK_TODAY: '2026-11-23' } });
  const browser = await openBrowser();
  try {
    const cookie = await demoCookie(server);
    const bare = await barePage(await figuresOf(browser, server, cookie));
    try {
      const own = { url: `${server.origin}/dashboards/1`, cookie };
      const peer = { url: bare.url, cookie };
      const times = { coldOwn: [], coldPeer: [], warmOwn: [], warmPeer: [], seenOwn: [] } as Times;
      const scripts = await scriptsBeforePainted(browser, own);
      const shifts: Measured[] = [];
      for (const path of pagesWithControls) {
        const shifted = await shiftOf(browser, { url: `${server.origin}${path}`, cookie });
        shifts.push({
          work: `layout shift of ${path} until its controls are there`,
          own: shifted.toFixed(5),
          peer: 'none',
          ratio: shifted,
          limit: { atMost: 0 },
        });
      }
      for (let round = 0; round < rounds; round += 1) {
        await openTwice(browser, own, times.coldOwn, times.warmOwn, times.seenOwn);
        await openTwice(browser, peer, times.coldPeer, times.warmPeer);
      }
      return [
        compare('demo dashboard opened to painted, cold', times.coldOwn, times.coldPeer),
        compare('demo dashboard opened to painted, warm', times.warmOwn, times.warmPeer, 1.2),
        compare(
          'demo dashboard seen before and unchanged, opened to the picture',
          times.seenOwn,
          times.warmPeer,
          0.6,
        ),
        {
          work: 'scripts sent before the charts of the demo dashboard are painted, compressed',
          own: `${(scripts / 1000).toFixed(0)} kB`,
          peer: `${mostScripts / 1000} kB, the drawing library aside`,
          ratio: scripts / mostScripts,
          limit: { atMost: 1 },
        },
        ...shifts,
      ];
    } finally {
      bare.server.close();
    }
  } finally {
    await browser.close();
    await server.stop();
  }
}

type Times = Record<'coldOwn' | 'coldPeer' | 'warmOwn' | 'warmPeer' | 'seenOwn', number[]>;

interface Opened {
  url: string;
  cookie: string;
}

/** Each round's own ratio is taken, since the machine may be slower in one round than in another. */
export function compare(work: string, own: number[], peer: number[], atMost = 1.3): Measured {
  return {
    work,
    own: `${median(own).toFixed(0)} ms`,
    peer: `a bare page of the same figures (${median(peer).toFixed(0)} ms)`,
    ratio: median(own.map((time, round) => time / (peer[round] as number))),
    limit: { atMost },
  };
}

export function openBrowser(): Promise<Browser> {
  return chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: [
      '--no-sandbox',
      '--disable-gpu',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
      '--no-first-run',
    ],
  });
}

/** The cookie of the demo's author. */
export async function demoCookie(server: TestServer): Promise<string> {
  const person = new TestPerson(server.origin);
  await person.send('POST', '/session/demo', { as: 'author' });
  return person.cookie;
}

/** A window in which nothing is remembered. */
export async function freshContext(browser: Browser, { url, cookie }: Opened) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const [name = '', value = ''] = cookie.split('=');
  await context.addCookies([{ name, value, url: new URL('/', url).href }]);
  return context;
}

/**
 * Cold: nothing remembered. Warm: once more in the same window. Seen: once more after it was looked at
 * for a while, so that its pictures are kept.
 */
async function openTwice(
  browser: Browser,
  opened: Opened,
  cold: number[],
  warm: number[],
  seen: number[] | null = null,
) {
  const context = await freshContext(browser, opened);
  cold.push(await open(context, opened));
  warm.push(await open(context, opened));
  if (seen) {
    await open(context, opened, lookedAt);
    seen.push(await open(context, opened));
  }
  await context.close();
}

/** So long is a page looked at, in milliseconds. */
const lookedAt = 2500;

async function open(context: BrowserContext, { url }: Opened, stays = 0): Promise<number> {
  const page = await context.newPage();
  await page.addInitScript(noticePainted);
  await page.goto(url);
  const time = await painted(page);
  await page.waitForTimeout(stays);
  await page.close();
  return time;
}

/** The demo's dashboards, and a bench. */
const pagesWithControls = [
  '/dashboards/1',
  '/dashboards/2',
  '/dashboards/3',
  '/dashboards/1/charts/1',
];

/** So much may be sent until the first pictures, in bytes. */
const mostScripts = 350_000;

/** The bytes of scripts, as they were sent, until the charts of a page are painted; the drawing library aside. */
async function scriptsBeforePainted(browser: Browser, opened: Opened): Promise<number> {
  const context = await freshContext(browser, opened);
  const page = await context.newPage();
  await page.addInitScript(noticePainted);
  await page.goto(opened.url);
  const paintedAt = await painted(page);
  const sent = await page.evaluate(
    (until) =>
      performance
        .getEntriesByType('resource')
        .map((entry) => entry as PerformanceResourceTiming)
        .filter(({ name, startTime }) => name.endsWith('.js') && startTime < until)
        .filter(({ name }) => !name.includes('plotly'))
        .reduce((sum, { encodedBodySize }) => sum + encodedBodySize, 0),
    paintedAt,
  );
  await context.close();
  return sent;
}

/** How far things move by themselves while a page opens and its controls come: cumulative layout shift. */
async function shiftOf(browser: Browser, opened: Opened): Promise<number> {
  const context = await freshContext(browser, opened);
  const page = await context.newPage();
  await page.addInitScript(noticeShifts);
  await page.goto(opened.url);
  await page.locator('[data-drawn]').first().waitFor();
  await page.locator('.ant-btn:visible').first().waitFor();
  await page.waitForTimeout(1500);
  const shifted = await page.evaluate(() => (window as { shifted?: number }).shifted ?? 0);
  await context.close();
  return shifted;
}

/** Runs in the page: adds up how far things move without anybody having done something. */
function noticeShifts() {
  const found = window as { shifted?: number };
  new PerformanceObserver((list) => {
    for (const entry of list.getEntries() as (PerformanceEntry & {
      value: number;
      hadRecentInput: boolean;
    })[])
      if (!entry.hadRecentInput) found.shifted = (found.shifted ?? 0) + entry.value;
  }).observe({ type: 'layout-shift', buffered: true });
}

/** Runs in the page: notes when all five charts are drawn and a frame with them has been shown. */
function noticePainted() {
  const look = () => {
    if (document.querySelectorAll('[data-drawn]').length < 5) return requestAnimationFrame(look);
    return requestAnimationFrame(() => {
      Object.assign(window, { paintedAt: performance.now() });
    });
  };
  requestAnimationFrame(look);
}

/** How many milliseconds after it was asked for a page was painted. */
async function painted(page: Page): Promise<number> {
  for (let waited = 0; waited < 20_000; waited += 100) {
    const at = await page.evaluate(() => (window as { paintedAt?: number }).paintedAt);
    if (at !== undefined) return at;
    await page.waitForTimeout(100);
  }
  throw new Error(`${page.url()} was not painted within 20 seconds.`);
}

/** What Plotly draws for each chart of the demo dashboard, and where. */
async function figuresOf(browser: Browser, server: TestServer, cookie: string): Promise<string> {
  const url = `${server.origin}/dashboards/1`;
  const context = await freshContext(browser, { url, cookie });
  const page = await context.newPage();
  await page.addInitScript(noticePainted);
  await page.goto(url);
  await painted(page);
  const figures = await page.evaluate(() =>
    JSON.stringify(
      [...document.querySelectorAll('[data-drawn]')].map((node) => {
        const { x, y, width, height } = node.getBoundingClientRect();
        const { data, layout } = node as unknown as { data: unknown; layout: unknown };
        return { x, y, width, height, data, layout };
      }),
    ),
  );
  await context.close();
  return figures;
}

/** The peer: one page, the library, the figures, and nothing else. */
async function barePage(figures: string): Promise<{ url: string; server: Server }> {
  const html = `<!doctype html><meta charset="utf-8"><title>Figures</title>
<script src="/plotly-basic.min.js"></script><body><script>
for (const { x, y, width, height, data, layout } of ${figures.replaceAll('<', '\\u003c')}) {
  const node = document.createElement('div');
  node.style.cssText = \`position:absolute;left:\${x}px;top:\${y}px;width:\${width}px;height:\${height}px\`;
  document.body.append(node);
  Plotly.newPlot(node, data, layout, { staticPlot: true, displayModeBar: false })
    .then(() => (node.dataset.drawn = 'true'));
}
</script>`;
  const library = sirv('node_modules/plotly.js-basic-dist-min', { maxAge: 31_536_000, etag: true });
  const server = createServer((request, response) => {
    if (request.url !== '/') return library(request, response);
    response.setHeader('Content-Type', 'text/html');
    response.end(html);
  });
  await new Promise<void>((ready) => server.listen(0, '127.0.0.1', ready));
  return { url: `http://127.0.0.1:${(server.address() as AddressInfo).port}/`, server };
}
