import { Router } from 'express';
import { measureBody, type MeasureValue } from '../../contract';
import { parseDay } from '../../core/calendar';
import { draftChart, draftSeries } from '../../core/editing';
import { expandChart } from '../../core/figures';
import { writePeriod } from '../../core/labels';
import type { MeasureDefinition } from '../../core/measures';
import { todayIn } from '../dashboards';
import type { Database } from '../database';
import { type FigureReader, readFrames, standingVersions } from '../frames';
import { jsonBody, readBody, readId, Refusal, shareFairly } from '../http';
import { measuresOf } from '../measures';
import { requirePerson } from '../people';
import { settings } from '../settings';
import { requireSource } from '../sources';

/** What a measure comes to before it is kept: its figure in the last month that has one. */
export function measureValueRoutes(database: Database, figures: FigureReader): Router {
  const router = Router();
  const share = shareFairly(settings.streamsAtOnce);

  router.post('/sources/:id/measures/value', ...jsonBody, share, async (request, response) => {
    const person = await requirePerson(database, request);
    const source = await requireSource(database, person, readId(request));
    const { definition } = readBody(request, measureBody.pick(['definition']));
    const own = {
      id: 0,
      sourceId: source.id,
      name: 'It',
      definition: definition as MeasureDefinition,
    };
    const all = [...(await measuresOf(database, [source.id])), own];
    const drafted = draftSeries(source, 'value', 'other');
    const figuresOfIt = { kind: 'measure', sourceId: source.id, measureId: 0 } as const;
    const drawn = { ...drafted, figures: figuresOfIt };
    const chart = expandChart(
      { ...draftChart(source), standouts: [], series: [drawn] },
      { measures: all },
    );
    const today = parseDay(todayIn('UTC')) ?? 0;
    const versions = await standingVersions(database, chart);
    const asker = `person ${person.id}`;
    const { frames, problems } = await readFrames(database, figures, asker, chart, versions, today);
    const [problem] = problems;
    if (problem) throw new Refusal(422, problem);
    const frame = frames.value;
    const values = frame?.values[0] ?? [];
    const place = values.findLastIndex((figure) => figure !== null);
    const start = frame?.periods[place];
    // Of a source without dates, the last word or figure along which it is drawn.
    const along = frame?.axisPlaces?.[place];
    response.json({
      figure: values[place] ?? null,
      period:
        along !== undefined
          ? String(along)
          : start === undefined
            ? ''
            : writePeriod(start, 'month'),
      additive: frame?.additive ?? false,
    } satisfies MeasureValue);
  });

  return router;
}
