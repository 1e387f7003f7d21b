import { and, desc, eq, isNotNull } from 'drizzle-orm';
import { Router } from 'express';
import { type Database, inTransaction, tables } from '../database';
import { notFound, readId, readPage } from '../http';
import { audited, requirePerson } from '../people';
import { countOf, lockPerson, onlyRow, requireRoom } from '../quotas';
import { listSources, requireOwnSource, requireSource } from './sourceAccess';
import { type FindWords, readSource, readWords } from './readSource';
import { chartsOfSource } from './chartsDrawing';
import { inUse } from './inUse';
import { useVersion } from './versions';

const { sources } = tables;

/** Removed sources that are listed, the latest first. */
const mostRemoved = 200;

/** Keeping sources. */
export function sourceRoutes(database: Database, findWords: FindWords): Router {
  const router = Router();
  const removed = audited(database, { act: 'removal', thing: 'source' });
  const restored = audited(database, { act: 'restore', thing: 'source' });

  router.get('/sources', async (request, response) => {
    const person = await requirePerson(database, request);
    response.json(await listSources(database, person, readPage(request)));
  });

  /** What was removed and can be brought back. */
  router.get('/sources/removed', async (request, response) => {
    const person = await requirePerson(database, request);
    const rows = await database
      .select({ id: sources.id, name: sources.name, removedAt: sources.deletedAt })
      .from(sources)
      .where(and(eq(sources.ownerId, person.id), isNotNull(sources.deletedAt)))
      .orderBy(desc(sources.deletedAt))
      .limit(mostRemoved);
    response.json(rows.map((row) => ({ ...row, removedAt: row.removedAt?.toISOString() ?? '' })));
  });

  router.get('/sources/:id', async (request, response) => {
    const person = await requirePerson(database, request);
    response.json(
      await readSource(database, person, await requireSource(database, person, readId(request))),
    );
  });

  router.get('/sources/:id/words', async (request, response) => {
    const person = await requirePerson(database, request);
    const source = await requireSource(database, person, readId(request));
    const find = (versionId: number, place: number) =>
      findWords(`person ${person.id}`, versionId, place);
    const column = String(request.query.column ?? '');
    response.json(await readWords(database, find, source.id, column));
  });

  const standing = audited(database, {
    act: 'restore',
    thing: 'source',
    about: ({ params }) => `version ${String(params.versionId)}`,
  });
  router.post('/sources/:id/versions/:versionId/use', standing, async (request, response) => {
    const person = await requirePerson(database, request);
    const source = await requireOwnSource(database, person, readId(request));
    if (!(await useVersion(database, source.id, readId(request, 'versionId'))))
      throw notFound('version');
    response.json({ id: source.id });
  });

  router.delete('/sources/:id', removed, async (request, response) => {
    const person = await requirePerson(database, request);
    const source = await requireOwnSource(database, person, readId(request));
    await inTransaction(database, async (change) => {
      // Whoever makes a chart from it meanwhile waits here, or is waited for.
      await change.select().from(sources).where(eq(sources.id, source.id)).for('update');
      const { seen, others } = await chartsOfSource(change, person, source.id);
      if (seen.length + others > 0) throw inUse('source', source.name, seen, others);
      await change.update(sources).set({ deletedAt: new Date() }).where(eq(sources.id, source.id));
    });
    response.json({ restorable: true });
  });

  router.post('/sources/:id/restore', restored, async (request, response) => {
    const person = await requirePerson(database, request);
    const id = readId(request);
    const own = and(eq(sources.id, id), eq(sources.ownerId, person.id));
    await inTransaction(database, async (change) => {
      await lockPerson(change, person.id);
      const [{ affectedRows }] = await change.update(sources).set({ deletedAt: null }).where(own);
      if (affectedRows === 0) throw notFound('source');
      const found = await change
        .select(countOf(sources.deletedAt))
        .from(sources)
        .where(eq(sources.ownerId, person.id));
      requireRoom('sources', onlyRow(found), 0);
    });
    response.json({ id });
  });

  return router;
}
