import { measureOf, rowsOf } from '../../core/origins';
import type { ChartFrames } from '../../contract';
import type { Day } from '../../core/calendar';
import { type ChartDefinition } from '../../core/chart';
import { chartFrames, frameRequest, expandChart } from '../../core/figures';
import type { DialValue } from '../../core/dials';
import type { Frame } from '../../core/frame';
import { type Problem, ProblemError } from '../../core/values';
import type { Database } from '../database';
import { measuresOf } from '../measures';
import { sourcesOf } from '../sources';
import type { FigureReader } from './figureReader';
import { recordedDates } from './recordedDates';
import { standingVersion, versionColumns } from './versions';

/**
 * The versions that a chart's sources stand on, by source; null where one is gone.
 * @param chart expanded
 */
export async function standingVersions(
  database: Database,
  chart: ChartDefinition,
): Promise<Map<number, number | null>> {
  const ids = sourcesOf(chart);
  const versions = await Promise.all(ids.map((id) => standingVersion(database, id)));
  return new Map(ids.map((id, place) => [id, versions[place] ?? null]));
}

/** The measures of the sources whose measures a chart draws. */
export async function measuresDrawn(database: Database, { series }: ChartDefinition) {
  const ids = series.flatMap(({ figures }) => measureOf(figures)?.sourceId ?? []);
  return measuresOf(database, [...new Set(ids)]);
}

/**
 * Aggregates what a chart draws; a series that cannot be had says why and spoils no other.
 * @param asker whose share of the figures thread it takes
 * @param today in the dashboard's zone
 * @param turned where the reader has turned dials to, by their names
 */
export async function readFrames(
  database: Database,
  figures: FigureReader,
  asker: string,
  written: ChartDefinition,
  versions: ReadonlyMap<number, number | null>,
  today: Day,
  turned: Record<string, DialValue> = {},
): Promise<Pick<ChartFrames, 'frames' | 'problems' | 'recorded'>> {
  const chart = expandChart(written, { turned });
  const aggregated: Record<string, Frame> = {};
  const problems: Problem[] = [];
  await Promise.all(
    chart.series.map(async (series) => {
      const rows = rowsOf(series.figures);
      if (!rows) return;
      try {
        const versionId = versions.get(rows.sourceId) ?? null;
        const version = versionId === null ? null : await versionColumns(database, versionId);
        if (!version) throw new ProblemError(sourceGone);
        const columns = version.columns.map(({ name }) => name);
        const request = frameRequest(chart, series, today, columns);
        if (!request) return;
        const frame = await figures.read(asker, version, request);
        // What somebody has said goes before what the dates tell.
        const completeTo = version.completeTo ?? frame.completeTo;
        aggregated[series.id] = { ...frame, completeTo };
      } catch (error) {
        if (!(error instanceof ProblemError) || 'status' in error) throw error;
        problems.push(error.problem);
      }
    }),
  );
  const found = chartFrames(chart, aggregated, today, turned);
  const recorded = await recordedDates(database, { figures, asker }, chart, versions);
  return {
    frames: found.frames,
    problems: distinct([...problems, ...found.problems]),
    ...(Object.keys(recorded).length > 0 && { recorded }),
  };
}

const sourceGone: Problem = {
  code: 'source-gone',
  sentence: 'A source of this chart is gone. Choose another one.',
};

const distinct = (problems: readonly Problem[]) => [
  ...new Map(problems.map((problem) => [problem.sentence, problem])).values(),
];
