import { type Request, Router } from 'express';
import { type ChartFrames, narrowingsShape, newChartBody, rowsBehindBody } from '../../contract';
import { parseDay } from '../../core/calendar';
import type { DialValue } from '../../core/dials';
import { type ChartDefinition } from '../../core/chart';
import { type Narrowing } from '../../core/narrowing';
import { expandChart } from '../../core/figures';
import { readableByLink, readableChart, requireChart, todayOf } from '../dashboards';
import type { Database } from '../database';
import {
  type AskedByReader,
  FigureAnswers,
  type FigureReader,
  type FindRows,
  measuresDrawn,
  readFrames,
  rowsBehind,
  standingVersions,
} from '../frames';
import { addressOf, jsonBody, readBody, readId, Refusal, shareFairly } from '../http';
import { requirePerson } from '../people';
import { settings } from '../settings';
import { requireSources, sourcesOf } from '../sources';

/** The figures of saved charts, for all who may read them. */
export function figureRoutes(database: Database, figures: FigureReader): Router {
  const router = Router();
  const answers = new FigureAnswers(database, figures);

  router.get('/charts/:id/frames', async (request, response) => {
    const person = await requirePerson(database, request);
    const chart = await readableChart(database, person, readId(request));
    const find = orNone((id) => readableChart(database, person, id));
    await answers.answer(request, response, `person ${person.id}`, chart, askedBy(request, find));
  });

  router.get('/links/:token/charts/:id/frames', async (request, response) => {
    const readable = (id: number) => readableByLink(database, String(request.params.token), id);
    const chart = await readable(readId(request));
    const asker = `address ${addressOf(request)}`;
    await answers.answer(request, response, asker, chart, askedBy(request, orNone(readable)));
  });

  return router;
}

/** Finds as another does, and nothing where that refuses. */
const orNone =
  <Found>(find: (id: number) => Promise<Found>) =>
  async (id: number) => {
    try {
      return await find(id);
    } catch (error) {
      if (error instanceof Refusal) return null;
      throw error;
    }
  };

function askedBy(request: Request, findChart: AskedByReader['findChart']): AskedByReader {
  const { grain } = request.query;
  return {
    turned: turnedDials(request),
    narrowings: narrowings(request),
    findChart,
    ...(typeof grain === 'string' ? { grain } : {}),
  };
}

/** Where a reader has turned dials to: a question's `dials`, as JSON, numbers and words by name. */
function turnedDials({ query }: Request): Record<string, DialValue> {
  const turned = written(query.dials, 'The positions of the dials', (value) => value as object);
  const known = Object.entries(turned ?? {}).filter(
    ([, value]) =>
      typeof value === 'number' ||
      typeof value === 'string' ||
      (Array.isArray(value) && value.every((each) => typeof each === 'string')),
  );
  return Object.fromEntries(known) as Record<string, DialValue>;
}

/** What a reader has picked in other charts: a question's `narrowed`, as JSON. */
const narrowings = ({ query }: Request): Narrowing[] =>
  written(query.narrowed, 'What was picked', readNarrowings) ?? [];

const readNarrowings = (value: unknown) => narrowingsShape.validateSync(value) as Narrowing[];

/**
 * Reads a part of a question that is written as JSON; null where there is none.
 * @throws Refusal 400 that says what cannot be read
 */
function written<Value>(text: unknown, what: string, read: (value: unknown) => Value) {
  if (typeof text !== 'string' || text === '') return null;
  const sentence = `${what} cannot be read. Open the dashboard again.`;
  const refusal = new Refusal(400, { code: 'unreadable-question', sentence });
  if (text.length > mostText) throw refusal;
  try {
    return read(JSON.parse(text));
  } catch {
    throw refusal;
  }
}

const mostText = 2000;

/** The figures of a definition that is not saved yet: the bench shows each change at once. */
export function benchFigureRoutes(database: Database, figures: FigureReader): Router {
  const router = Router();
  const share = shareFairly(settings.streamsAtOnce);

  router.post('/charts/:id/frames', ...jsonBody, share, async (request, response) => {
    const person = await requirePerson(database, request);
    const chart = await requireChart(database, person, readId(request), 'editor');
    const written = readBody(request, newChartBody).definition as ChartDefinition;
    await requireSources(database, person, chart.dashboardId, sourcesOf(written));
    const measures = await measuresDrawn(database, written);
    const definition = expandChart(written, { measures });
    const versions = await standingVersions(database, definition);
    const asker = `person ${person.id}`;
    const today = await todayOf(database, chart.dashboardId);
    const day = parseDay(today) ?? 0;
    const found = await readFrames(database, figures, asker, definition, versions, day);
    response.json({ today, ...found } satisfies ChartFrames);
  });

  /** The rows behind a figure: only those who may draw from the source are shown them. */
  router.post('/charts/:id/rows', ...jsonBody, share, async (request, response) => {
    const person = await requirePerson(database, request);
    const chart = await requireChart(database, person, readId(request), 'editor');
    const body = readBody(request, rowsBehindBody);
    const measures = await measuresDrawn(database, chart.definition);
    const definition = expandChart(chart.definition, { measures });
    const versions = await standingVersions(database, definition);
    const today = parseDay(await todayOf(database, chart.dashboardId)) ?? 0;
    const find: FindRows = (version, asked) =>
      figures.find(`person ${person.id}`, version, { kind: 'rows', asked });
    response.json(await rowsBehind(database, find, definition, versions, body, today));
  });

  return router;
}
