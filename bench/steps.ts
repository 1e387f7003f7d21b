import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import sirv from 'sirv';
import type { StepTimes } from './page/reading';
import { openBrowser } from './pages';
import type { Measured } from './report';

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
      page.evaluate(
        (runs) =>
          (window as unknown as { measureSteps: (n: number) => Promise<StepTimes> }).measureSteps(
            runs,
          ),
        times,
      );
    await run(4);
    const { reading, drawing, plotly } = await run(15);
    const peer = `the library’s drawing of it (${plotly.toFixed(0)} ms)`;
    const against = (work: string, own: number): Measured => ({
      ...{ work, own: `${own.toFixed(1)} ms`, peer },
      ...{ ratio: own / plotly, limit: { atMost: 0.1 } },
    });
    return [
      against('reading a chart of 7 x 2,400 days, judged', reading),
      against('its picture (drawChart)', drawing),
    ];
  } finally {
    await browser.close();
    server.close();
  }
}
