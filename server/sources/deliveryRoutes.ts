import { type Request, type Response, Router } from 'express';
import {
  bringInBody,
  type BringInStep,
  type Person,
  understandBody,
  type Understanding,
} from '../../contract';
import { cutText } from '../../core/values';
import { type Database, endLease } from '../database';
import { jsonBody, readBody, Refusal, shareFairly, steadily } from '../http';
import { requirePerson } from '../people';
import { settings } from '../settings';
import type { BringInTask } from './bringInWorker';
import { runBringIn } from './runBringIn';
import { withShare } from './shares';
import { requireOwnSource } from './sourceAccess';
import { forgetUploads, keepUpload, requireUpload } from './uploads';
import { sweepUnfinished } from './versions';

/** Delivering files: sending one, seeing how it is understood, bringing it in. */
export function deliveryRoutes(database: Database): Router {
  const router = Router();
  const share = shareFairly(settings.streamsAtOnce);

  router.post('/uploads', share, async (request, response) => {
    const person = await requirePerson(database, request);
    const name = cutText(String(request.query.name ?? 'file.csv'), 250);
    response.status(201).json(await keepUpload(database, person, name, steadily(request)));
  });

  router.post('/uploads/:id/understand', ...jsonBody, share, async (request, response) => {
    const person = await requirePerson(database, request);
    const upload = await requireUpload(database, person, String(request.params.id));
    const form = readBody(request, understandBody);
    const task = { uploadId: upload.id, fileName: upload.fileName, form, target: null };
    const reading = {
      kind: 'reading',
      subject: person.id,
      most: settings.readingsAtOnce,
    } as const;
    response.json(
      await withShare(database, reading, () => understand(task, stopWhenGone(response))),
    );
  });

  /** Answers with a line of JSON for each step; closing the connection stops and undoes it. */
  router.post('/uploads/:id/bring-in', ...jsonBody, share, async (request, response) => {
    const person = await requirePerson(database, request);
    const task = await bringInTask(database, person, request);
    const bringIn = {
      kind: 'bring-in',
      subject: person.id,
      most: settings.bringInsAtOnce,
    } as const;
    await withShare(database, bringIn, () =>
      withShare(database, { kind: 'file', subject: task.uploadId }, async () => {
        response.type('application/x-ndjson');
        await bringItIn(database, task, response);
        response.end();
      }),
    );
  });

  return router;
}

async function understand(task: BringInTask, stop: AbortSignal): Promise<Understanding | null> {
  let understood: Understanding | null = null;
  let problem: Refusal | null = null;
  await runBringIn(task, stop, (message) => {
    if (message.kind === 'understood') understood = message.understanding;
    if (message.kind === 'problem')
      problem = new Refusal(422, { code: message.code, sentence: message.detail });
  });
  if (problem) throw problem as Refusal;
  return understood;
}

async function bringInTask(
  database: Database,
  person: Person,
  request: Request,
): Promise<BringInTask> {
  const { id: uploadId, fileName } = await requireUpload(
    database,
    person,
    String(request.params.id),
  );
  const { name, sourceId, form } = readBody(request, bringInBody);
  if (sourceId) await requireOwnSource(database, person, sourceId);
  const where = sourceId ? { sourceId } : { name: name ?? fileName };
  return { uploadId, fileName, form, target: { ownerId: person.id, ...where } };
}

/** Brings a file in and tells each step; what a stop leaves behind is cleared away. */
async function bringItIn(database: Database, task: BringInTask, response: Response) {
  const say = (step: BringInStep) => response.write(`${JSON.stringify(step)}\n`);
  let done = false;
  let versionId: number | null = null;
  try {
    await runBringIn(task, stopWhenGone(response), (message) => {
      if (message.kind === 'begun') versionId = message.versionId;
      else if (message.kind !== 'understood') say(message);
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
  if (done) await forgetUploads(database, [task.uploadId]);
  else if (versionId !== null) {
    // The thread that held it has ended.
    await endLease(database, { kind: 'version', subject: versionId });
    await sweepUnfinished(database);
  }
}

/** A signal that fires when whoever asked has gone away before the answer was whole. */
function stopWhenGone(response: Response): AbortSignal {
  const stop = new AbortController();
  if (response.closed) stop.abort();
  response.on('close', () => !response.writableFinished && stop.abort());
  return stop.signal;
}
