import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import sirv from 'sirv';
import type { DialTimes, StepTimes } from './page/reading';
import { openBrowser } from './pages';
import type { Measured } from './report';

/** What the page of the bench offers. */
interface OnPage {
  measureSteps: (runs: number) => Promise<StepTimes>;
  measureDial: (steps: number) => Promise<DialTimes>;
}

/** A step of a dial, and what of it is reading. */
function sayDial({ turned, reading, bare }: DialTimes): Measured[] {
  const peer = `a bare redraw of the same figure (${bare.toFixed(0)} ms)`;
  const said = (work: string, own: number, atMost: number): Measured => ({
    work,
    own: `${own.toFixed(1)} ms`,
    peer,
    ratio: own / bare,
    limit: { atMost },
  });
  return [
    said('a step of a dial on 4 x 2,400 days, read and drawn', turned, 1.3),
    said('what of it is reading', reading, 0.1),
  ];
}

/** Reading and laying out a large judged chart, against the library's drawing of it. */
export async function measureSteps(): Promise<Measured[]> {
  const files = sirv('dist/bench');
  const server = createServer((request, response) => files(request, response));
  await new Promise<void>((ready) => server.listen(0, '127.0.0.1', ready));
  const browser = await openBrowser();
  try {
    const page = await browser.newPage();
    await page.goto(`http://127.0.0.1:${(server.address() as AddressInfo).port}/`);
    const run = (times: number): Promise<StepTimes> =>
      page.evaluate((runs) => (window as unknown as OnPage).measureSteps(runs), times);
    const turn = (steps: number): Promise<DialTimes> =>
      page.evaluate((runs) => (window as unknown as OnPage).measureDial(runs), steps);
    await run(4);
    const { reading, drawing, plotly } = await run(15);
    const peer = `the library’s drawing of it (${plotly.toFixed(0)} ms)`;
    const against = (work: string, own: number): Measured => ({
      work,
      own: `${own.toFixed(1)} ms`,
      peer,
      ratio: own / plotly,
      limit: { atMost: 0.1 },
    });
    return [
      against('reading a chart of 7 x 2,400 days, judged', reading),
      against('its picture (drawChart)', drawing),
      ...sayDial(await turn(60)),
    ];
  } finally {
    await browser.close();
    server.close();
  }
}
