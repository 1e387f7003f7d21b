import type { Browser } from '@playwright/test';
import { draftChart } from '../core/editing';
import type { Aggregate } from '../core/frame';
import type { Grain } from '../core/calendar';
import type { TestPerson, TestServer } from '../server/testing';
import { pressed, redrawn } from './changes';
import { freshContext, openBrowser } from './pages';
import type { Measured } from './report';

/** Each is asked once: the next time the server would have the figures at hand. */
const grains: Grain[] = ['quarter', 'week', 'year', 'day'];
const aggregates: Aggregate[] = ['sum', 'mean', 'median', 'max'];

const columns = [
  { name: 'Day', kind: 'date' as const },
  { name: 'Fares', kind: 'number' as const },
];

/**
 * Another grain of a chart of a million rows, pressed to painted, against the asking of such figures
 * and a bare redraw of the picture together.
 */
export async function measureGrains(
  server: TestServer,
  person: TestPerson,
  sourceId: number,
): Promise<Measured> {
  const browser = await openBrowser();
  try {
    const times = { own: 0, asked: 0, bare: 0 };
    for (const aggregate of aggregates) {
      const one = await measure(browser, server, person, definitionOf(sourceId, aggregate));
      for (const part of ['own', 'asked', 'bare'] as const) times[part] += one[part];
    }
    const each = (sum: number) => `${(sum / grains.length / aggregates.length).toFixed(0)} ms`;
    return {
      work: 'another grain of a chart of them, pressed to painted',
      own: each(times.own),
      peer: `asking for such figures (${each(times.asked)}) and a bare redraw (${each(times.bare)})`,
      ratio: times.own / (times.asked + times.bare),
      limit: { atMost: 1.3 },
    };
  } finally {
    await browser.close();
  }
}

/** A chart of fares by month, split by a column. */
function definitionOf(sourceId: number, aggregate: Aggregate) {
  const drafted = draftChart({ id: sourceId, columns });
  return (column: string, grain: Grain = 'month') => ({
    ...drafted,
    grain,
    series: drafted.series.map((series) => ({
      ...series,
      figures: { ...series.figures, aggregate },
      split: { column, order: [], coloured: [], colourBy: null, top: null },
    })),
  });
}

async function measure(
  browser: Browser,
  server: TestServer,
  person: TestPerson,
  definition: ReturnType<typeof definitionOf>,
) {
  const { dashboardId } = await person.board(1);
  const { body: chart } = await person.send<{ id: number }>(
    'POST',
    `/dashboards/${dashboardId}/charts`,
    { definition: definition('Route') },
  );
  const url = `${server.origin}/dashboards/${dashboardId}/charts/${chart.id}`;
  const context = await freshContext(browser, { url, cookie: person.cookie });
  const page = await context.newPage();
  await page.goto(url);
  await page.locator('.chart-plot[data-drawn]').waitFor();
  await page.getByRole('button', { name: 'Period: month' }).click();
  await page.waitForTimeout(1500);
  // The other column is at hand too, as the drawn one is.
  await person.send('POST', `/charts/${chart.id}/frames`, { definition: definition('Vessel') });
  const times = { own: 0, asked: 0, bare: 0 };
  for (const grain of grains) {
    times.own += await pressed(page, grain);
    // Saving follows half a second after a change; it must not fall into what comes next.
    await page.waitForTimeout(1200);
    times.bare += await redrawn(page);
    // The same figures split by another column: as much to gather, and nobody has asked for it.
    const begun = performance.now();
    await person.send('POST', `/charts/${chart.id}/frames`, {
      definition: definition('Vessel', grain),
    });
    times.asked += performance.now() - begun;
  }
  await context.close();
  return times;
}
