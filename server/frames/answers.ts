import { createHash } from 'node:crypto';
import { promisify } from 'node:util';
import { gzip } from 'node:zlib';
import { eq } from 'drizzle-orm';
import type { Request, Response } from 'express';
import { LRUCache } from 'lru-cache';
import type { ChartFrames } from '../../contract';
import { parseDay } from '../../core/calendar';
import { asksDrawn, isTied, type Narrowing, narrowedBy } from '../../core/narrowing';
import {
  dialsAsked,
  expandChart,
  grainsOffered,
  looksPastReaders,
  turnsFilters,
  withFiltersAsSet,
} from '../../core/figures';
import { type ChartDefinition } from '../../core/chart';
import type { DialValue } from '../../core/dials';
import type { Problem } from '../../core/values';
import { type ReadableChart, todayIn } from '../dashboards';
import { type Database, tables } from '../database';
import { notFound } from '../http';
import { settings } from '../settings';
import { sourcesOf } from '../sources';
import type { FigureReader } from './figureReader';
import { measuresDrawn, readFrames, standingVersions } from './readFrames';
import { versionColumns } from './versions';

/** How somebody wants to see a chart for themselves. */
export interface AskedByReader {
  /** by the names of the dials */
  turned: Record<string, DialValue>;
  /** undefined: as the author has it */
  grain?: string;
  /** what they have picked in other charts */
  narrowings: readonly Narrowing[];
  /** finds another chart that they may read; null where they may not, or it is gone */
  findChart: (id: number) => Promise<ReadableChart | null>;
}

/** The figures of a chart as they are sent. */
interface Answer {
  body: Buffer;
  /** null while they are too few to be worth it */
  packed: Buffer | null;
}

/** What narrows a chart, and what has to be known of it. */
interface NarrowedBy {
  asked: AskedByReader;
  versions: ReadonlyMap<number, number | null>;
  /** written 2026-11-23 */
  today: string;
  asker: string;
}

/** Smaller answers travel as quickly as they are. */
const packedFrom = 4096;

type ChartRow = typeof tables.charts.$inferSelect;

/**
 * Answers with the figures of saved charts. What is sent is named by all that it depends on (the
 * chart's revision, the versions of its sources, today, and who may know how much), so it is made
 * once, kept while there is room, and not sent again to a browser that has it.
 */
export class FigureAnswers {
  /** of each chart the latest that was asked for: those before it are never asked for again */
  private readonly definitions = new LRUCache<number, Pick<ChartRow, 'revision' | 'definition'>>({
    max: 2000,
  });
  private readonly answers = new LRUCache<string, Answer>({
    maxSize: settings.answerBytes,
    sizeCalculation: ({ body, packed }) => body.length + (packed?.length ?? 0) + 200,
  });
  private readonly coming = new Map<string, Promise<Answer>>();

  constructor(
    private readonly database: Database,
    private readonly figures: FigureReader,
  ) {}

  /**
   * @param asker whose share of the figures thread it takes
   * @param asked how the reader wants to see it
   */
  async answer(
    request: Request,
    response: Response,
    asker: string,
    chart: ReadableChart,
    asked: AskedByReader,
  ) {
    const { turned } = asked;
    const stored = await this.definition(chart);
    const measures = await measuresDrawn(this.database, stored);
    const whole = expandChart(stored, { grain: asked.grain, measures });
    const versions = await standingVersions(this.database, whole);
    const today = todayIn(chart.zone);
    const { definition, follows } = await this.narrowed(chart, whole, {
      asked,
      versions,
      today,
      asker,
    });
    const forReaders = chart.role === 'reader';
    const name = JSON.stringify([
      chart.id,
      chart.revision,
      [...versions],
      today,
      forReaders,
      measures.map(({ id, revision }) => [id, revision]),
      dialsAsked(definition).map((dial) => turned[dial] ?? null),
      definition.grain,
      definition.filters.slice(whole.filters.length),
      definition.span,
      follows,
    ]);
    const tag = `"${createHash('sha1').update(name).digest('base64url')}"`;
    response.setHeader('ETag', tag);
    response.setHeader('Cache-Control', 'private, no-cache');
    if (request.headers['if-none-match'] === tag) {
      response.statusCode = 304;
      response.end();
      return;
    }
    const held = this.answers.get(name) ?? this.coming.get(name);
    const read = (drawn: ChartDefinition) =>
      readFrames(
        ...([this.database, this.figures, asker, drawn, versions] as const),
        ...([parseDay(today) ?? 0, turned] as const),
      );
    const filtered = follows.includes(true) || turnsFilters(whole, turned);
    const make = async () => {
      const found = await read(definition);
      const problems = forReaders ? found.problems.map(forThoseWhoRead) : found.problems;
      const told = follows.length > 0 ? { follows } : {};
      const past = filtered && looksPastReaders(whole) && (await read(withFiltersAsSet(whole)));
      const unfiltered = past ? { unfiltered: past.frames } : {};
      return this.keep(name, { today, ...found, problems, ...told, ...unfiltered });
    };
    send(request, response, await (held ?? this.together(name, make)));
  }

  /** A chart as it is narrowed by what was picked in others of its dashboard. */
  private async narrowed(
    { id, dashboardId }: ReadableChart,
    whole: ChartDefinition,
    how: NarrowedBy,
  ): Promise<{ definition: ChartDefinition; follows: boolean[] }> {
    const { asked, today } = how;
    const follows: boolean[] = [];
    if (asked.narrowings.length === 0) return { definition: whole, follows };
    const columns = await this.columnsOf(whole, how);
    let definition = whole;
    for (const narrowing of asked.narrowings) {
      const found = await asked.findChart(narrowing.chart);
      const isBeside = found?.dashboardId === dashboardId && found.id !== id;
      const picker = isBeside ? await this.definition(found) : null;
      const known = { id, chart: definition, today: parseDay(today) ?? 0, columns };
      const draws =
        picker && isTied(picker, known) && asksDrawn(narrowing)
          ? await this.drawnBy(picker, how)
          : () => [];
      const next = picker && narrowedBy(narrowing, known, { chart: picker, draws });
      follows.push(next !== null);
      definition = next ?? definition;
    }
    return { definition, follows };
  }

  /** The columns of each source that a chart draws from, as far as what is picked can narrow it. */
  private async columnsOf(whole: ChartDefinition, { versions }: NarrowedBy) {
    // A fixed selection stays as it is, whatever else is narrowed.
    const followers = whole.series.filter(({ fixed }) => !fixed);
    const held = sourcesOf({ series: followers, yardsticks: [] }).map(async (sourceId) => {
      const version = versions.get(sourceId);
      return version ? versionColumns(this.database, version) : null;
    });
    return (await Promise.all(held)).flatMap((version) =>
      version ? [version.columns.map(({ name }) => name)] : [],
    );
  }

  /** What a chart draws of its series, by itself and at each grain that it offers. */
  private async drawnBy(picker: ChartDefinition, { asked, today, asker }: NarrowedBy) {
    const chart = expandChart(picker, { measures: await measuresDrawn(this.database, picker) });
    const versions = await standingVersions(this.database, chart);
    const day = parseDay(today) ?? 0;
    const read = (drawn: ChartDefinition) =>
      readFrames(this.database, this.figures, asker, drawn, versions, day, asked.turned);
    const grains = new Set([chart.grain, ...grainsOffered(chart)]);
    const all = await Promise.all([...grains].map((grain) => read({ ...chart, grain })));
    return (series: string) => all.flatMap(({ frames }) => frames[series] ?? []);
  }

  /** Those who ask for the same meanwhile wait for the same. */
  private together(name: string, make: () => Promise<Answer>): Promise<Answer> {
    const coming = make().finally(() => this.coming.delete(name));
    this.coming.set(name, coming);
    return coming;
  }

  private async keep(name: string, frames: ChartFrames): Promise<Answer> {
    const body = Buffer.from(JSON.stringify(frames));
    const packed = body.length < packedFrom ? null : await promisify(gzip)(body, { level: 6 });
    const answer = { body, packed };
    this.answers.set(name, answer);
    return answer;
  }

  /** A chart's definition at a revision never changes, so it is read once. */
  private async definition({ id, revision }: ReadableChart): Promise<ChartDefinition> {
    const held = this.definitions.get(id);
    if (held?.revision === revision) return held.definition;
    const { charts } = tables;
    const [row] = await this.database
      .select({ definition: charts.definition, revision: charts.revision })
      .from(charts)
      .where(eq(charts.id, id));
    if (!row) throw notFound('chart');
    this.definitions.set(id, row);
    return row.definition;
  }
}

/** Readers learn that something is missing, not what the source calls it. */
function forThoseWhoRead({ code }: Problem): Problem {
  const sentence =
    code === 'beyond-range'
      ? 'Some figures of this chart are too large to be drawn, and are missing.'
      : 'Some figures of this chart cannot be drawn: its source has changed. Tell whoever made it.';
  return { code, sentence };
}

function send(request: Request, response: Response, { body, packed }: Answer) {
  response.setHeader('Content-Type', 'application/json; charset=utf-8');
  response.setHeader('Vary', 'Accept-Encoding');
  const takesPacked = packed && /\bgzip\b/.test(request.headers['accept-encoding'] ?? '');
  if (takesPacked) response.setHeader('Content-Encoding', 'gzip');
  const sent = takesPacked ? packed : body;
  response.setHeader('Content-Length', sent.length);
  response.end(sent);
}
