import { and, eq, isNotNull, isNull, sql } from 'drizzle-orm';
import { Router } from 'express';
import { noteBody, noteChangeBody } from '../../contract';
import { parseDay } from '../../core/calendar';
import { readNotes, requireChart } from '../dashboards';
import { type Database, tables } from '../database';
import { changedMeanwhile, notFound, readBody, readId, Refusal } from '../http';
import { requirePerson } from '../people';

const { dashboards, notes } = tables;

/** Writing, changing, removing and bringing back notes. */
export function noteRoutes(database: Database): Router {
  const router = Router();

  router.post('/charts/:id/notes', async (request, response) => {
    const person = await requirePerson(database, request);
    const chart = await requireChart(database, person, readId(request), 'editor');
    const body = readBody(request, noteBody);
    realDays(body);
    const id = await database.transaction(async (change) => {
      const { dashboardId, id: chartId } = chart;
      // The update holds the dashboard's row, so two notes never get one number.
      await change
        .update(dashboards)
        .set({ lastNote: sql`${dashboards.lastNote} + 1` })
        .where(eq(dashboards.id, dashboardId));
      const [row] = await change
        .select({ number: dashboards.lastNote })
        .from(dashboards)
        .where(eq(dashboards.id, dashboardId));
      const number = row?.number ?? 1;
      const values = {
        ...body,
        dashboardId,
        chartId,
        number,
        authorId: person.id,
        writtenAt: new Date(),
      };
      const [{ insertId }] = await change.insert(notes).values(values);
      return insertId;
    });
    const [note] = await readNotes(database, eq(notes.id, id));
    response.status(201).json(note);
  });

  router.put('/notes/:id', async (request, response) => {
    const person = await requirePerson(database, request);
    const note = await findNote(database, readId(request), false);
    await requireChart(database, person, note.chartId, 'editor');
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

  router.delete('/notes/:id', async (request, response) => {
    const person = await requirePerson(database, request);
    const note = await findNote(database, readId(request), false);
    await requireChart(database, person, note.chartId, 'editor');
    await database.update(notes).set({ deletedAt: new Date() }).where(eq(notes.id, note.id));
    response.json({ restorable: true });
  });

  router.post('/notes/:id/restore', async (request, response) => {
    const person = await requirePerson(database, request);
    const note = await findNote(database, readId(request), true);
    await requireChart(database, person, note.chartId, 'editor');
    await database.update(notes).set({ deletedAt: null }).where(eq(notes.id, note.id));
    const [restored] = await readNotes(database, eq(notes.id, note.id));
    response.json(restored);
  });

  return router;
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

/** Days that the calendar has, the last not before the first. */
function realDays({ day, until }: { day: string; until: string | null }) {
  for (const [field, written] of Object.entries({ day, until })) {
    if (written === null || parseDay(written) !== null) continue;
    const sentence = `There is no day ${written}. Choose another date.`;
    throw new Refusal(422, { code: 'no-such-day', sentence, place: { field } });
  }
  if (until === null || until >= day) return;
  const sentence = `The note ends on ${until}, before it begins on ${day}. Choose a later end.`;
  throw new Refusal(422, { code: 'ends-before', sentence, place: { field: 'until' } });
}
