import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { DuckDBInstance } from '@duckdb/node-api';
import { type Browser } from '@playwright/test';
import type { Grain } from '../core/calendar';
import { draftChart } from '../core/editing';
import type { Aggregate } from '../core/frame';
import { startServer, TestPerson, type TestServer } from '../server/testing';
import { pressed, redrawn } from './changes';
import { freshContext, openBrowser } from './pages';
import { PeakMemory } from './peakMemory';
import type { Measured } from './report';
import { lastStep, sailingsHead, sailingsRow, understandFileAt, writeRows } from './sailings';

const rows = 20_000_000;
const megabytes = 1.5 * 1024;

/** Charts of twenty million rows, which no memory holds, against the engine's own time for the same. */
export async function measureTwentyMillion(): Promise<Measured[]> {
  const folder = mkdtempSync(join(tmpdir(), 'stand-mark-bench-'));
  const columns = join(folder, 'columns');
  const env = { NODE_ENV: 'production', STAND_MARK_COLUMNS_FOLDER: columns };
  const server = await startServer({ env });
  const browser = await openBrowser();
  const memory = new PeakMemory(server);
  try {
    const person = await TestPerson.signedUp(server.origin, 'bench');
    const sourceId = await broughtIn(server, person, join(folder, 'rows.csv'));
    memory.begin();
    const times = { own: 0, engine: 0, bare: 0 };
    for (const aggregate of ['sum', 'median'] as const) {
      const one = await measure(browser, server, person, { sourceId, aggregate, columns });
      for (const part of ['own', 'engine', 'bare'] as const) times[part] += one[part];
    }
    const each = (sum: number) => `${(sum / (2 * grains.length)).toFixed(0)} ms`;
    return [
      {
        work: 'another grain of a chart of 20,000,000 rows by eight lines, pressed to painted',
        own: each(times.own),
        peer: `the engine's own time for it (${each(times.engine)}) and a bare redraw (${each(times.bare)})`,
        ratio: times.own / (times.engine + times.bare),
        limit: { atMost: 1.3 },
      },
      {
        work: 'memory of the server, its processes and the database meanwhile',
        own: `${memory.withDatabase.toFixed(0)} MB`,
        peer: `${megabytes} MB`,
        ratio: memory.withDatabase / megabytes,
        limit: { atMost: 1 },
      },
    ];
  } finally {
    memory.end();
    await browser.close();
    await server.stop();
    rmSync(folder, { recursive: true, force: true });
  }
}

async function broughtIn(server: TestServer, person: TestPerson, path: string): Promise<number> {
  await writeRows(path, sailingsHead, rows, (row) => sailingsRow(row, rows / 2400));
  const { id, form } = await understandFileAt(server, person, path);
  rmSync(path);
  const begun = performance.now();
  const { sourceId } = await lastStep<{ sourceId: number }>(person, `/uploads/${id}/bring-in`, {
    name: 'Sailings',
    form,
  });
  const seconds = (performance.now() - begun) / 1000;
  console.log(`bringing 20,000,000 rows in: ${seconds.toFixed(0)} s`);
  return sourceId;
}

const grains: Grain[] = ['quarter', 'week', 'year'];

const asked: Record<'sum' | 'median', string> = {
  sum: 'SUM(c5)',
  median: 'quantile_cont(CAST(c5 AS DOUBLE), 0.5)',
};

async function measure(
  browser: Browser,
  server: TestServer,
  person: TestPerson,
  of: { sourceId: number; aggregate: 'sum' | 'median'; columns: string },
) {
  const drawn = [
    { name: 'Day', kind: 'date' as const },
    { name: 'Fares', kind: 'number' as const },
  ];
  const drafted = draftChart({ id: of.sourceId, columns: drawn });
  const definition = {
    ...drafted,
    grain: 'month',
    series: drafted.series.map((series) => ({
      ...series,
      figures: { ...series.figures, aggregate: of.aggregate as Aggregate },
      split: { column: 'Route', order: [], coloured: [], colourBy: null, top: null },
    })),
  };
  const { dashboardId } = await person.board(of.sourceId);
  const path = `/dashboards/${dashboardId}/charts`;
  const { body: chart } = await person.send<{ id: number }>('POST', path, { definition });
  const url = `${server.origin}${path}/${chart.id}`;
  const context = await freshContext(browser, { url, cookie: person.cookie });
  const page = await context.newPage();
  await page.goto(url);
  await page.locator('.chart-plot[data-drawn]').waitFor({ timeout: 60_000 });
  await page.getByRole('button', { name: 'Period: month' }).click();
  await page.waitForTimeout(300);
  const engine = await (
    await DuckDBInstance.create(':memory:', { threads: '2', memory_limit: '400MB' })
  ).connect();
  const times = { own: 0, engine: 0, bare: 0 };
  for (const grain of grains) {
    times.own += await pressed(page, grain);
    await page.waitForTimeout(1200);
    times.bare += await redrawn(page);
    const begun = performance.now();
    await engine.runAndReadAll(
      `SELECT date_trunc('${grain}', c0), c1, ${asked[of.aggregate]} FROM read_parquet('${of.columns}/*.parquet', union_by_name = true) GROUP BY ALL`,
    );
    times.engine += performance.now() - begun;
  }
  engine.closeSync();
  await context.close();
  return times;
}
