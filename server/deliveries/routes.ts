import { type Request, type Response, Router } from 'express';
import {
  bringInBody,
  compareBody,
  type FileForm,
  type Person,
  understandBody,
} from '../../contract';
import { cutText } from '../../core/values';
import { type Database, endLease } from '../database';
import { jsonBody, readBody, shareFairly, steadily } from '../http';
import { measuresOf } from '../measures';
import { requirePerson } from '../people';
import { settings } from '../settings';
import {
  chartsUsing,
  requireOwnSource,
  requireSource,
  sweepUnfinished,
  type Target,
} from '../sources';
import { keepUpload, requireUpload, withShare } from '../uploads';
import { sourcesLookedUp } from './lookups';
import { runDelivery } from './runDelivery';
import type { DeliveryMessage, DeliveryTask } from './task';

/**
 * Delivering files: sending one, seeing how it is understood and what it would change, bringing it
 * in. Long work answers with a line of JSON for each step; closing the connection stops and undoes it.
 */
export function deliveryRoutes(database: Database): Router {
  const router = Router();
  const share = shareFairly(settings.streamsAtOnce);

  router.post('/uploads', share, async (request, response) => {
    const person = await requirePerson(database, request);
    const name = cutText(String(request.query.name ?? 'file.csv'), 250);
    response.status(201).json(await keepUpload(database, person, name, steadily(request)));
  });

  const looking = (person: Person) =>
    ({ kind: 'reading', subject: person.id, most: settings.readingsAtOnce }) as const;

  router.post('/uploads/:id/understand', ...jsonBody, share, async (request, response) => {
    const { person, upload } = await delivered(database, request);
    const form = await allowedForm(database, person, readBody(request, understandBody) as FileForm);
    await withShare(database, looking(person), () =>
      runAndTell(response, { kind: 'understand', upload, form }),
    );
  });

  router.post('/uploads/:id/compare', ...jsonBody, share, async (request, response) => {
    const { person, upload } = await delivered(database, request);
    const { sourceId, mode, keys, form: asked } = readBody(request, compareBody);
    const form = await allowedForm(database, person, asked as FileForm);
    await requireOwnSource(database, person, sourceId);
    const task = { kind: 'compare', upload, form, sourceId, mode, keys: keys ?? null } as const;
    await withShare(database, looking(person), () =>
      runAndTell(response, task, async (message) =>
        message.kind === 'compared'
          ? {
              ...message,
              changes: {
                ...message.changes,
                charts: await chartsLosing(database, person, sourceId, message.changes),
              },
            }
          : message,
      ),
    );
  });

  router.post('/uploads/:id/bring-in', ...jsonBody, share, async (request, response) => {
    const { person, upload } = await delivered(database, request);
    const { name, sourceId, mode, keys, form: asked } = readBody(request, bringInBody);
    const form = await allowedForm(database, person, asked as FileForm);
    if (sourceId) await requireOwnSource(database, person, sourceId);
    const rows = sourceId
      ? { sourceId, mode: mode ?? 'replace', keys: keys ?? [] }
      : { name: name ?? upload.fileName };
    const target: Target = { ownerId: person.id, ...rows };
    const bringIn = {
      kind: 'bring-in',
      subject: person.id,
      most: settings.bringInsAtOnce,
    } as const;
    await withShare(database, bringIn, () =>
      withShare(database, { kind: 'file', subject: upload.id }, () =>
        bringItIn(database, { kind: 'bring-in', upload, form, target }, response),
      ),
    );
  });

  return router;
}

async function delivered(database: Database, request: Request) {
  const person = await requirePerson(database, request);
  return { person, upload: await requireUpload(database, person, String(request.params.id)) };
}

/** A preparation may look something up only in sources that the person may draw from. */
async function allowedForm(database: Database, person: Person, form: FileForm): Promise<FileForm> {
  for (const sourceId of sourcesLookedUp(form.steps))
    await requireSource(database, person, sourceId);
  return form;
}

/** The charts that lose a column they draw, or find it holding something else. */
async function chartsLosing(
  database: Database,
  person: Person,
  sourceId: number,
  changes: { goneColumns: string[]; retyped: { column: string }[] },
) {
  const lost = [...changes.goneColumns, ...changes.retyped.map(({ column }) => column)];
  return chartsUsing(database, person, sourceId, lost, await measuresOf(database, [sourceId]));
}

/** Brings a file in and tells each step; what a stop leaves behind is cleared away. */
async function bringItIn(database: Database, task: DeliveryTask, response: Response) {
  let done = false;
  let versionId: number | null = null;
  await runAndTell(response, task, async (message) => {
    if (message.kind === 'begun') versionId = message.versionId;
    done ||= message.kind === 'done';
    return message;
  });
  if (done || versionId === null) return;
  // The thread that held it has ended.
  await endLease(database, { kind: 'version', subject: versionId });
  await sweepUnfinished(database);
}

/** Runs a task and answers with its steps, a line of JSON each. */
async function runAndTell(
  response: Response,
  task: DeliveryTask,
  change: (message: DeliveryMessage) => Promise<DeliveryMessage> = async (message) => message,
) {
  response.type('application/x-ndjson');
  const say = (message: DeliveryMessage) => {
    if (message.kind !== 'begun') response.write(`${JSON.stringify(message)}\n`);
  };
  let telling = Promise.resolve();
  const tell = (message: DeliveryMessage) => {
    telling = telling.then(async () => say(await change(message)));
  };
  try {
    await runDelivery(task, stopWhenGone(response), tell);
    await telling;
  } catch (error) {
    console.error(error);
    say({
      kind: 'problem',
      code: 'internal',
      detail: 'The server could not read the file to its end. Try again.',
    });
  }
  response.end();
}

/** A signal that fires when whoever asked has gone away before the answer was whole. */
function stopWhenGone(response: Response): AbortSignal {
  const stop = new AbortController();
  if (response.closed) stop.abort();
  response.on('close', () => !response.writableFinished && stop.abort());
  return stop.signal;
}
