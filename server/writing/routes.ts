import { once } from 'node:events';
import { and, eq, type SQL } from 'drizzle-orm';
import { type Request, type Response, Router } from 'express';
import { type Database, tables } from '../database';
import type { FigureReader } from '../frames';
import { notFound, readId, shareFairly } from '../http';
import { audited, requirePerson } from '../people';
import { settings } from '../settings';
import {
  openVersionRows,
  type ReadCells,
  requireSource,
  versionsSeen,
  type VersionRows,
} from '../sources';
import { fileNameOf } from './fileName';
import { type TableText, tableTexts } from './tableText';
import { writeWorkbook } from './writeWorkbook';

const { sources, sourceVersions } = tables;

/** Writing the rows of a source, or of one of its versions, to a file. */
export function writingRoutes(database: Database, figures: FigureReader): Router {
  const router = Router();
  const share = shareFairly(settings.streamsAtOnce);
  const about = ({ params, query }: Request) =>
    [String(params.form), ...(query.version ? [`version ${Number(query.version)}`] : [])].join(
      ', ',
    );
  const takenOut = audited(database, { act: 'file-out', thing: 'source', about });

  router.get('/sources/:id/rows.:form', share, takenOut, async (request, response) => {
    const person = await requirePerson(database, request);
    const source = await requireSource(database, person, readId(request));
    const asked = Number(request.query.version) || null;
    const seen = await versionsSeen(database, person, source);
    const version = await versionOf(database, source.id, asked, seen);
    const form = String(request.params.form);
    const fileName = fileNameOf(source.name, form);
    if (form === 'xlsx') {
      const content = await writeWorkbook({ ...version, name: source.name });
      return void response.attachment(fileName).send(Buffer.from(content));
    }
    const text = form in tableTexts ? tableTexts[form as keyof typeof tableTexts] : null;
    if (!text) throw notFound('form of file');
    response.attachment(fileName).type(text.type);
    const read: ReadCells = (opened, places, range) =>
      figures.find(
        `person ${person.id}`,
        { ...opened, columns: [...opened.columns] },
        { kind: 'cells', places, range },
      );
    const rows = await openVersionRows(database, version.id, read);
    if (!rows) throw notFound('version');
    await writeText(rows, text, response);
  });

  return router;
}

/** A version of a source; without an id, the one that it stands on. */
async function versionOf(
  database: Database,
  sourceId: number,
  versionId: number | null,
  seen: SQL | undefined,
) {
  const [found] = await database
    .select({ id: sourceVersions.id, rows: sourceVersions.rows })
    .from(sourceVersions)
    .innerJoin(sources, eq(sources.id, sourceVersions.sourceId))
    .where(
      and(
        eq(sources.id, sourceId),
        eq(sourceVersions.ready, true),
        versionId === null
          ? eq(sourceVersions.id, sources.versionId)
          : eq(sourceVersions.id, versionId),
        seen,
      ),
    );
  if (!found) throw notFound('version');
  return found;
}

/** Writes rows batch by batch; while the client is slow nothing of the database is held. */
async function writeText(rows: VersionRows, text: TableText, response: Response): Promise<void> {
  const names = rows.columns.map(({ name }) => name);
  const kinds = rows.columns.map(({ kind }) => kind);
  response.write(text.begin(names));
  let first = true;
  for await (const batch of rows.batches()) {
    if (response.destroyed) return;
    const room = response.write(text.rows(batch, names, kinds, first));
    first &&= batch.length === 0;
    if (!room) await Promise.race([once(response, 'drain'), once(response, 'close')]);
  }
  response.end(text.end);
}
