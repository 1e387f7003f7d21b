import { and, eq, isNotNull, isNull } from 'drizzle-orm';
import { Router } from 'express';
import { noteBody, noteChangeBody, type Person } from '../../contract';
import { readNotes, requireChart } from '../dashboards';
import { type Database, inTransaction, tables } from '../database';
import { changedMeanwhile, notFound, readBody, readId } from '../http';
import { audited, requirePerson } from '../people';
import { keepNotes, requireRoomForNotes } from './keepNotes';
import { realDays } from './realDays';

const { dashboards, notes } = tables;

/** Writing, changing, removing and bringing back notes. */
export function noteRoutes(database: Database): Router {
  const router = Router();
  const removed = audited(database, { act: 'removal', thing: 'note' });
  const restored = audited(database, { act: 'restore', thing: 'note' });

  router.post('/charts/:id/notes', async (request, response) => {
    const person = await requirePerson(database, request);
    const chart = await requireNoting(database, person, readId(request), person.id);
    const body = readBody(request, noteBody);
    realDays(body);
    const id = await inTransaction(database, async (change) => {
      const author = { authorId: person.id, writtenAt: new Date() };
      return keepNotes(change, chart.dashboardId, [{ ...body, chartId: chart.id, ...author }]);
    });
    const [note] = await readNotes(database, eq(notes.id, id ?? 0));
    response.status(201).json(note);
  });

  router.put('/notes/:id', async (request, response) => {
    const person = await requirePerson(database, request);
    const note = await findNote(database, readId(request), false);
    await requireNoting(database, person, note.chartId, note.authorId);
    const { revision, ...body } = readBody(request, noteChangeBody);
    realDays(body);
    const [{ affectedRows }] = await database
      .update(notes)
      .set({ ...body, revision: revision + 1 })
      .where(and(eq(notes.id, note.id), eq(notes.revision, revision), isNull(notes.deletedAt)));
    const [current] = await readNotes(database, eq(notes.id, note.id));
    if (affectedRows === 0) throw changedMeanwhile('note', current);
    response.json(current);
  });

  router.delete('/notes/:id', removed, async (request, response) => {
    const person = await requirePerson(database, request);
    const note = await findNote(database, readId(request), false);
    await requireNoting(database, person, note.chartId, note.authorId);
    await database.update(notes).set({ deletedAt: new Date() }).where(eq(notes.id, note.id));
    response.json({ restorable: true });
  });

  router.post('/notes/:id/restore', restored, async (request, response) => {
    const person = await requirePerson(database, request);
    const note = await findNote(database, readId(request), true);
    await requireNoting(database, person, note.chartId, note.authorId);
    await inTransaction(database, async (change) => {
      await change.update(notes).set({ deletedAt: null }).where(eq(notes.id, note.id));
      await requireRoomForNotes(change, note.dashboardId, note.authorId, 0);
    });
    const [restored] = await readNotes(database, eq(notes.id, note.id));
    response.json(restored);
  });

  return router;
}

/**
 * The chart that a person may write notes on, or change those of an author on: editors those of all,
 * readers their own, where the owner lets them.
 * @throws Refusal as requireChart does
 */
async function requireNoting(
  database: Database,
  person: Person,
  chartId: number,
  authorId: number,
) {
  if (authorId !== person.id) return requireChart(database, person, chartId, 'editor');
  const chart = await requireChart(database, person, chartId, 'reader');
  const [dashboard] = await database
    .select({ readersNote: dashboards.readersNote })
    .from(dashboards)
    .where(eq(dashboards.id, chart.dashboardId));
  const laid = chart.place !== null;
  if (dashboard?.readersNote && laid) return chart;
  return requireChart(database, person, chartId, 'editor');
}

async function findNote(database: Database, id: number, removed: boolean) {
  const state = removed ? isNotNull(notes.deletedAt) : isNull(notes.deletedAt);
  const [note] = await database
    .select()
    .from(notes)
    .where(and(eq(notes.id, id), state));
  if (!note) throw notFound('note');
  return note;
}
