import { and, eq } from 'drizzle-orm';
import { type Response, Router } from 'express';
import { bringInBody, type BringInStep, understandBody, type Understanding } from '../../contract';
import { type Database, tables } from '../database';
import { notFound, readBody, readId, Refusal } from '../http';
import { requirePerson } from '../people';
import { runBringIn } from './runBringIn';
import {
  chartsOfSource,
  listSources,
  readSource,
  readWords,
  requireOwnSource,
  requireSource,
} from './sourceAccess';
import { sweepUnfinished, useVersion } from './storeVersion';
import { forgetUploads, keepUpload, requireUpload } from './uploads';

const { sources } = tables;

/** Seconds within which the database notices that a stopped worker is gone. */
const noticedWithin = 30;

/** Bringing files in, and keeping sources. */
export function sourceRoutes(database: Database): Router {
  const router = Router();

  router.post('/uploads', async (request, response) => {
    const person = await requirePerson(database, request);
    const name = String(request.query.name ?? 'file.csv').slice(0, 250);
    response.status(201).json(await keepUpload(database, person, name, request));
  });

  router.post('/uploads/:id/understand', async (request, response) => {
    const person = await requirePerson(database, request);
    const upload = await requireUpload(database, person, String(request.params.id));
    const form = readBody(request, understandBody);
    const task = { uploadId: upload.id, fileName: upload.fileName, form, target: null };
    let understood: Understanding | null = null;
    let problem: Refusal | null = null;
    await runBringIn(task, stopWhenGone(response), (message) => {
      if (message.kind === 'understood') understood = message.understanding;
      if (message.kind === 'problem')
        problem = new Refusal(422, { code: message.code, sentence: message.detail });
    });
    if (problem) throw problem;
    response.json(understood);
  });

  /** Answers with a line of JSON for each step; closing the connection stops and undoes it. */
  router.post('/uploads/:id/bring-in', async (request, response) => {
    const person = await requirePerson(database, request);
    const upload = await requireUpload(database, person, String(request.params.id));
    const { name, sourceId, form } = readBody(request, bringInBody);
    if (sourceId) await requireOwnSource(database, person, sourceId);
    const where = sourceId ? { sourceId } : { name: name ?? upload.fileName };
    const task = {
      uploadId: upload.id,
      fileName: upload.fileName,
      form,
      target: { ownerId: person.id, ...where },
    };
    response.type('application/x-ndjson');
    const say = (step: BringInStep) => response.write(`${JSON.stringify(step)}\n`);
    const stop = stopWhenGone(response);
    let done = false;
    try {
      await runBringIn(task, stop, (message) => {
        if (message.kind !== 'understood') say(message);
        done ||= message.kind === 'done';
      });
    } catch (error) {
      console.error(error);
      say({
        kind: 'problem',
        code: 'internal',
        detail: 'The server could not bring the file in. Try again.',
      });
    }
    await (done
      ? forgetUploads(database, [upload.id])
      : sweepUnfinished(database, stop.aborted ? noticedWithin : 0));
    response.end();
  });

  router.get('/sources', async (request, response) => {
    response.json(await listSources(database, await requirePerson(database, request)));
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
    response.json(await readWords(database, source.id, String(request.query.column ?? '')));
  });

  router.post('/sources/:id/versions/:versionId/use', async (request, response) => {
    const person = await requirePerson(database, request);
    const source = await requireOwnSource(database, person, readId(request));
    if (!(await useVersion(database, source.id, readId(request, 'versionId'))))
      throw notFound('version');
    response.json({ id: source.id });
  });

  router.delete('/sources/:id', async (request, response) => {
    const person = await requirePerson(database, request);
    const source = await requireOwnSource(database, person, readId(request));
    const { seen, others } = await chartsOfSource(database, person, source.id);
    if (seen.length + others > 0) {
      const titles = seen.map(({ title }) => `“${title}”`);
      const rest = others > 0 ? [`${others} of colleagues’ charts`] : [];
      const sentence = `${source.name} is drawn in ${[...titles, ...rest].join(', ')}. Remove it from there first.`;
      throw new Refusal(422, { code: 'source-in-use', sentence });
    }
    await database.update(sources).set({ deletedAt: new Date() }).where(eq(sources.id, source.id));
    response.json({ restorable: true });
  });

  router.post('/sources/:id/restore', async (request, response) => {
    const person = await requirePerson(database, request);
    const id = readId(request);
    const own = and(eq(sources.id, id), eq(sources.ownerId, person.id));
    const [{ affectedRows }] = await database.update(sources).set({ deletedAt: null }).where(own);
    if (affectedRows === 0) throw notFound('source');
    response.json({ id });
  });

  return router;
}

/** A signal that fires when whoever asked has gone away before the answer was whole. */
function stopWhenGone(response: Response): AbortSignal {
  const stop = new AbortController();
  response.on('close', () => !response.writableFinished && stop.abort());
  return stop.signal;
}
