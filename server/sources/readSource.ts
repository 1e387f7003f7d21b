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
import { naturalOrder } from '../../core/table';
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
    preview: current?.preview ?? [],
  };
}

/** Finds the words of a column of a version, as they come; for whoever asks. */
export type FindWords = (
  asker: string,
  versionId: number,
  place: number,
) => Promise<readonly string[]>;

/** How many words a split may have. */
const mostWords = 200;

/**
 * The words of a text column: in the order that was set, else in the one they have by themselves.
 * @param find finds them in the version that the source stands on
 * @throws Refusal 404 when the column is none
 */
export async function readWords(
  database: Database,
  find: (versionId: number, place: number) => Promise<readonly string[]>,
  sourceId: number,
  column: string,
): Promise<string[]> {
  const [row] = await database
    .select({ id: sourceVersions.id, columns: sourceVersions.columns })
    .from(sources)
    .innerJoin(sourceVersions, eq(sourceVersions.id, sources.versionId))
    .where(eq(sources.id, sourceId));
  const place =
    row?.columns.findIndex(({ name, kind }) => name === column && kind === 'text') ?? -1;
  if (!row || place < 0) throw notFound('column of words');
  const found = await find(row.id, place);
  const words = naturalOrder([...found].sort().slice(0, mostWords));
  const set = (row.columns[place]?.order ?? []).filter((word) => words.includes(word));
  return [...set, ...words.filter((word) => !set.includes(word))];
}
