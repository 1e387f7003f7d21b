import { and, eq, inArray, isNull } from 'drizzle-orm';
import type { ChartFrames } from '../../contract';
import { frameKey, type FrameRequest } from '../../core/frame';
import { type Problem, ProblemError } from '../../core/values';
import { type Database, tables } from '../database';
import type { VersionColumns } from './columnCache';
import type { FigureReader } from './figureReader';

const { sources, sourceVersions } = tables;

/** Aggregates what a chart asks for; a request that cannot be met says why and spoils no other. */
export async function readFrames(
  database: Database,
  figures: FigureReader,
  requests: readonly FrameRequest[],
  today: string,
): Promise<ChartFrames> {
  const versions = await currentVersions(
    database,
    requests.map(({ sourceId }) => sourceId),
  );
  const frames: ChartFrames['frames'] = {};
  const problems: Problem[] = [];
  await Promise.all(
    requests.map(async (request) => {
      const version = versions.get(request.sourceId);
      if (!version) {
        problems.push({
          code: 'source-gone',
          sentence: 'A source of this chart is gone. Choose another one.',
        });
        return;
      }
      try {
        frames[frameKey(request)] = await figures.read(version, request);
      } catch (error) {
        if (!(error instanceof ProblemError)) throw error;
        problems.push(error.problem);
      }
    }),
  );
  return { today, frames, problems };
}

async function currentVersions(
  database: Database,
  ids: number[],
): Promise<Map<number, VersionColumns>> {
  if (ids.length === 0) return new Map();
  const rows = await database
    .select({ id: sources.id, version: sourceVersions })
    .from(sources)
    .innerJoin(sourceVersions, eq(sourceVersions.id, sources.versionId))
    .where(and(inArray(sources.id, ids), isNull(sources.deletedAt)));
  return new Map(
    rows.map(({ id, version }) => [
      id,
      { versionId: version.id, rows: version.rows, columns: version.columns },
    ]),
  );
}
