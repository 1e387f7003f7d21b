import type { ChartFrames } from '../../contract';
import { type ChartDefinition, frameRequest, seriesFrame } from '../../core/chart';
import { type Problem, ProblemError } from '../../core/values';
import type { Database } from '../database';
import type { FigureReader } from './figureReader';
import { standingVersion, versionColumns } from './versions';

/** The versions that a chart's sources stand on, by source; null where one is gone. */
export async function standingVersions(
  database: Database,
  chart: ChartDefinition,
): Promise<Map<number, number | null>> {
  const ids = [...new Set(chart.series.map(({ figures }) => figures.sourceId))];
  const versions = await Promise.all(ids.map((id) => standingVersion(database, id)));
  return new Map(ids.map((id, place) => [id, versions[place] ?? null]));
}

/**
 * Aggregates what a chart draws; a series that cannot be had says why and spoils no other.
 * @param asker whose share of the figures thread it takes
 */
export async function readFrames(
  database: Database,
  figures: FigureReader,
  asker: string,
  chart: ChartDefinition,
  versions: ReadonlyMap<number, number | null>,
): Promise<Pick<ChartFrames, 'frames' | 'problems'>> {
  const frames: ChartFrames['frames'] = {};
  const problems: Problem[] = [];
  await Promise.all(
    chart.series.map(async (series) => {
      try {
        const versionId = versions.get(series.figures.sourceId) ?? null;
        const version = versionId === null ? null : await versionColumns(database, versionId);
        if (!version) throw new ProblemError(sourceGone);
        const frame = await figures.read(asker, version, frameRequest(chart, series));
        // What somebody has said goes before what the dates tell.
        const completeTo = version.completeTo ?? frame.completeTo;
        frames[series.id] = seriesFrame(chart, series, { ...frame, completeTo });
      } catch (error) {
        if (!(error instanceof ProblemError) || 'status' in error) throw error;
        problems.push(error.problem);
      }
    }),
  );
  return { frames, problems: distinct(problems) };
}

const sourceGone: Problem = {
  code: 'source-gone',
  sentence: 'A source of this chart is gone. Choose another one.',
};

const distinct = (problems: readonly Problem[]) => [
  ...new Map(problems.map((problem) => [problem.sentence, problem])).values(),
];
