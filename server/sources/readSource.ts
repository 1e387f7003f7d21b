import { type Database, tables } from '../database';
import {
  type Person,
  type Source,
  type SourceDetail,
  fileFormShape,
  type FileForm,
} from '../../contract';
import { getTableColumns, eq, and, desc } from 'drizzle-orm';
import { chartsOfSource } from './chartsDrawing';
import { firstRows, wordsOf } from './storedRows';
import { notFound } from '../http';
import { versionsSeen } from './sourceAccess';

const { people, sources, sourceVersions } = tables;

/** Everything the page of one source shows to a person. */
export async function readSource(
  database: Database,
  person: Person,
  source: Source,
): Promise<SourceDetail> {
  const versions = await database
    .select({ ...getTableColumns(sourceVersions), by: people.name })
    .from(sourceVersions)
    .leftJoin(people, eq(people.id, sourceVersions.personId))
    .where(
      and(
        eq(sourceVersions.sourceId, source.id),
        eq(sourceVersions.ready, true),
        await versionsSeen(database, person, source),
      ),
    )
    .orderBy(desc(sourceVersions.id));
  const [row] = await database.select().from(sources).where(eq(sources.id, source.id));
  const current = versions.find(({ id }) => id === row?.versionId);
  const { seen } = await chartsOfSource(database, person, source.id);
  return {
    ...source,
    // What was stored by an older version lacks what came since.
    form: fileFormShape.cast(current?.form ?? { columns: [] }, { assert: false }) as FileForm,
    profiles: (current?.columns ?? []).flatMap(({ profile }) => (profile ? [profile] : [])),
    doubtful: current?.doubts?.listed ?? [],
    doubtfulTotal: current?.doubts?.total ?? 0,
    uploadId: source.own && current?.mode === 'replace' ? current.uploadId : null,
    versions: versions.map(({ id, fileName, rows, mode, by, createdAt }) => ({
      id,
      fileName,
      rows,
      mode,
      by,
      broughtInAt: createdAt.toISOString(),
      current: id === row?.versionId,
    })),
    charts: seen,
    preview: current ? await firstRows(database, current.id, current.columns) : [],
  };
}

/**
 * The words of a text column, in their order.
 * @throws Refusal 404 when the column is none
 */
export async function readWords(
  database: Database,
  sourceId: number,
  column: string,
): Promise<string[]> {
  const [row] = await database
    .select({ version: sourceVersions })
    .from(sources)
    .innerJoin(sourceVersions, eq(sourceVersions.id, sources.versionId))
    .where(eq(sources.id, sourceId));
  const place =
    row?.version.columns.findIndex(({ name, kind }) => name === column && kind === 'text') ?? -1;
  if (!row || place < 0) throw notFound('column of words');
  return wordsOf(database, row.version.id, row.version.columns, place);
}
