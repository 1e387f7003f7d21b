import { createRequire } from 'node:module';
import type { Page } from '@playwright/test';
import { draftChart } from '../core/editing';
import { startServer, TestPerson } from '../server/testing';
import { freshContext, openBrowser } from './pages';
import type { Measured } from './report';

const charts = 8;
const points = 1000;
const moves = 150;

/**
 * Pointing on a dashboard of eight linked charts of 1,000 points, from the pointer's move to the frame
 * that shows it, against the library's own hover on one such chart.
 */
export async function measurePointing(): Promise<Measured[]> {
  const server = await startServer();
  const browser = await openBrowser();
  try {
    const person = await TestPerson.signedUp(server.origin, 'bench');
    const url = `${server.origin}/dashboards/${await board(person)}`;
    const context = await freshContext(browser, { url, cookie: person.cookie });
    const own = await context.newPage();
    await own.goto(url);
    await own.waitForFunction(
      (all) => document.querySelectorAll('[data-drawn]').length === all,
      charts,
    );
    await own.waitForTimeout(2000);
    const bare = await browser.newPage();
    await drawBare(bare);
    const times = { own: [] as number[], bare: [] as number[] };
    // A few at first, so that neither is measured while the browser still learns its code.
    for (const counted of [false, true]) {
      const one = await moved(own, '.chart', '.chart svg line, .chart svg circle');
      const two = await moved(bare, '.nsewdrag', '.hoverlayer');
      if (counted) Object.assign(times, { own: one, bare: two });
    }
    const [ours, theirs] = [ninetyFifth(times.own), ninetyFifth(times.bare)];
    return [
      {
        work: 'pointing on eight linked charts of 1,000 points, 95th percentile to paint',
        own: `${ours.toFixed(1)} ms`,
        peer: `the library’s own hover on one (${theirs.toFixed(1)} ms)`,
        ratio: ours / theirs,
        limit: { atMost: 2 },
      },
    ];
  } finally {
    await browser.close();
    await server.stop();
  }
}

const ninetyFifth = (times: readonly number[]) =>
  [...times].sort((a, b) => a - b)[Math.floor(times.length * 0.95)] ?? NaN;

/** Figures that wander, the same at every run. */
const figureAt = (place: number) =>
  Math.round(50_000 + 30_000 * Math.sin(place / 40) + ((place * 7919) % 9973));

/** @returns the id of a dashboard of eight charts of the same days */
async function board(person: TestPerson): Promise<number> {
  const rows = Array.from({ length: points }, (_, place) => {
    const day = new Date(Date.UTC(2023, 0, 1) + place * 86_400_000).toISOString().slice(0, 10);
    return `${day},${figureAt(place) / 100}`;
  });
  const sourceId = await person.source(['Day,Fares', ...rows].join('\n'));
  const { body: made } = await person.send<{ id: number }>('POST', '/dashboards', {
    title: 'Board',
    zone: 'UTC',
  });
  const columns = [
    { name: 'Day', kind: 'date' as const },
    { name: 'Fares', kind: 'number' as const },
  ];
  const definition = { ...draftChart({ id: sourceId, columns }), grain: 'day' };
  const places = [];
  for (let at = 0; at < charts; at += 1) {
    const { body: chart } = await person.send<{ id: number }>(
      ...(['POST', `/dashboards/${made.id}/charts`] as const),
      { definition: { ...definition, title: `Fares ${at + 1}` } },
    );
    const place = { x: (at % 2) * 6, y: Math.floor(at / 2) * 7, w: 6, h: 7 };
    places.push({ chartId: chart.id, place });
  }
  await person.send('PUT', `/dashboards/${made.id}/places`, { revision: 1, places });
  return made.id;
}

/** One chart of the library, as it hovers by itself. */
async function drawBare(page: Page) {
  await page.setContent('<div id="bare" style="width: 600px; height: 360px"></div>');
  const library = createRequire(`${process.cwd()}/`).resolve('plotly.js-basic-dist-min');
  await page.addScriptTag({ path: library });
  await page.evaluate(
    ([x, y]) =>
      (window as unknown as { Plotly: { newPlot: (...all: unknown[]) => unknown } }).Plotly.newPlot(
        'bare',
        [{ x, y, mode: 'lines' }],
        { hovermode: 'x' },
        { displayModeBar: false },
      ),
    [
      Array.from({ length: points }, (_, place) => place),
      Array.from({ length: points }, (_, place) => figureAt(place)),
    ],
  );
}

/**
 * Moves the pointer across the first of some elements, step by step.
 * @param shown what shows where it points; each step waits until that is another
 * @returns milliseconds from each move until a frame that shows it was painted
 */
async function moved(page: Page, over: string, shown: string): Promise<number[]> {
  await page.evaluate(notice, shown);
  const box = await page.locator(over).first().boundingBox();
  if (!box) throw new Error(`There is no ${over}.`);
  const times: number[] = [];
  for (let step = 0; step < moves; step += 1) {
    const x = box.x + box.width * (0.2 + (0.5 * ((step * 37) % 100)) / 100);
    await page.mouse.move(x, box.y + box.height / 2);
    // The library hovers only so often.
    await page.waitForTimeout(100);
    const time = await page.evaluate(() => (window as { paintedAfter?: number }).paintedAfter);
    if (time !== undefined) times.push(time);
  }
  if (times.length < moves / 2) throw new Error(`${over} showed ${times.length} moves.`);
  return times;
}

/** Runs in the page: after each move of the pointer, notes how long it took until it was shown. */
function notice(shown: string) {
  const look = () => [...document.querySelectorAll(shown)].map((mark) => mark.outerHTML).join('');
  const told = window as { paintedAfter?: number };
  let before = look();
  const onMove = ({ timeStamp }: PointerEvent) => {
    told.paintedAfter = undefined;
    let frames = 0;
    const wait = () => {
      frames += 1;
      const now = look();
      if (now === before && frames < 6) return requestAnimationFrame(wait);
      if (now === before) return;
      before = now;
      const { port1, port2 } = new MessageChannel();
      // Told once this frame has been painted.
      port1.onmessage = () => (told.paintedAfter = performance.now() - timeStamp);
      port2.postMessage(null);
    };
    requestAnimationFrame(wait);
  };
  window.addEventListener('pointermove', onMove, { capture: true });
}
