import { type Request, type Response, Router } from 'express';
import {
  bringInBody,
  compareBody,
  type EarlierChange,
  type FileForm,
  type FileLimits,
  type Person,
  understandBody,
  type Upload,
} from '../../contract';
import { cutText, plainText } from '../../core/values';
import { type Database, endLease, isDatabaseAway } from '../database';
import { jsonBody, readBody, readId, Refusal, shareFairly, steadily } from '../http';
import { measuresOf } from '../measures';
import { requirePerson } from '../people';
import { settings } from '../settings';
import {
  chartsDrawing,
  chartsUsing,
  requireOwnSource,
  requireSource,
  sweepUnfinished,
  type Target,
} from '../sources';
import { keepUpload, requireUpload, whileRead, withShare } from '../uploads';
import { sourcesLookedUp } from './lookups';
import { changedMeanings } from './meanings';
import { keepReaderReady, runDelivery } from './runDelivery';
import type { DeliveryMessage, DeliveryTask } from './task';
import {
  beginDelivery,
  type DeliveryEnd,
  endDelivery,
  forgetDelivery,
  listUnderway,
  noteProgress,
  putAway,
  stopDelivery,
} from './underway';
import { endOf, databaseAway, brokeOff } from './ends';

/**
 * Delivering files: sending one, seeing how it is understood and what it would change, bringing it
 * in. Long work answers with a line of JSON for each step. To look ends when the connection is closed;
 * to bring in does not.
 */
export function deliveryRoutes(database: Database): Router {
  const router = Router();
  const share = shareFairly(settings.streamsAtOnce);
  keepReaderReady();

  router.post('/uploads', share, async (request, response) => {
    const person = await requirePerson(database, request);
    const name = cutText(plainText(String(request.query.name ?? 'file.csv')), 250);
    response.status(201).json(await keepUpload(database, person, name, steadily(request)));
  });

  router.get('/uploads/limits', async (request, response) => {
    await requirePerson(database, request);
    const limits: FileLimits = { bytes: settings.fileBytes, rows: settings.rowsOfVersion };
    response.json(limits);
  });

  router.post('/uploads/:id/understand', ...jsonBody, share, async (request, response) => {
    const person = await requirePerson(database, request);
    const form = await allowedForm(database, person, readBody(request, understandBody) as FileForm);
    await looking(person, request, (upload) =>
      runAndTell(response, person, { kind: 'understand', upload, form }),
    );
  });

  router.post('/uploads/:id/compare', ...jsonBody, share, async (request, response) => {
    const person = await requirePerson(database, request);
    const { sourceId, mode, keys, form: asked } = readBody(request, compareBody);
    const form = await allowedForm(database, person, asked as FileForm);
    await requireOwnSource(database, person, sourceId);
    const how = { sourceId, mode, keys: keys ?? null };
    let earlier: EarlierChange = { words: [], sums: [] };
    const withCharts = async (message: DeliveryMessage): Promise<DeliveryMessage> => {
      if (message.kind === 'earlier') ({ earlier } = message);
      if (message.kind !== 'compared') return message;
      const { changes } = message;
      const measures = await measuresOf(database, [sourceId]);
      const charts = await chartsLosing(database, person, sourceId, changes);
      const { seen } = await chartsDrawing(database, person, sourceId);
      const meanings = changedMeanings(seen, sourceId, earlier, measures);
      return { ...message, changes: { ...changes, charts, meanings } };
    };
    await looking(person, request, (upload) =>
      runAndTell(response, person, { kind: 'compare', upload, form, ...how }, withCharts),
    );
  });

  /** Goes on when whoever asked has left; what becomes of it is told by /deliveries. */
  router.post('/uploads/:id/bring-in', ...jsonBody, share, async (request, response) => {
    const person = await requirePerson(database, request);
    const { name, sourceId, mode, keys, announced, form: asked } = readBody(request, bringInBody);
    const form = await allowedForm(database, person, asked as FileForm);
    if (sourceId) await requireOwnSource(database, person, sourceId);
    const upload = await requireUpload(database, person, String(request.params.id));
    const rows = sourceId
      ? { sourceId, mode: mode ?? 'replace', keys: keys ?? [] }
      : { name: name ?? upload.fileName };
    const target: Target = { ownerId: person.id, ...rows };
    const task = { kind: 'bring-in', upload, form, target, announced: announced ?? null } as const;
    const most = settings.bringInsAtOnce;
    await withShare(database, { kind: 'bring-in', subject: person.id, most }, () =>
      withShare(database, { kind: 'file', subject: upload.id }, async () => {
        // It may have been forgotten before it was held.
        await requireUpload(database, person, upload.id);
        await bringItIn(database, person, task, response);
      }),
    );
  });

  router.delete('/uploads/:id/bring-in', async (request, response) => {
    const person = await requirePerson(database, request);
    const upload = await requireUpload(database, person, String(request.params.id));
    await stopDelivery(database, person, upload.id);
    response.json({});
  });

  router.get('/deliveries', async (request, response) => {
    response.json(await listUnderway(database, await requirePerson(database, request)));
  });

  router.delete('/deliveries/:id', async (request, response) => {
    await putAway(database, await requirePerson(database, request), readId(request));
    response.json({});
  });

  return router;

  function looking(person: Person, request: Request, work: (upload: Upload) => Promise<void>) {
    const most = settings.readingsAtOnce;
    return withShare(database, { kind: 'reading', subject: person.id, most }, () =>
      whileRead(database, person, String(request.params.id), work),
    );
  }
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

/** How often it is written down how far a delivery is, in milliseconds. */
const notedEvery = 400;

/**
 * Brings a file in to its end, whether or not whoever asked for it still listens; what a stop leaves
 * behind is cleared away.
 */
async function bringItIn(
  database: Database,
  person: Person,
  task: Extract<DeliveryTask, { kind: 'bring-in' }>,
  response: Response,
) {
  const { upload, target } = task;
  const into = 'sourceId' in target ? target.sourceId : null;
  const id = await beginDelivery(database, person, upload, into);
  const stop = new AbortController();
  let versionId: number | null = null;
  let far = { share: 0, rows: 0 };
  let end: DeliveryEnd = { state: 'stopped' };
  let isListening = false;
  const noting = setInterval(() => {
    noteProgress(database, id, far).then(
      (stopped) => stopped && stop.abort(),
      () => {},
    );
  }, notedEvery);
  try {
    await tellSteps(response, async (tell) => {
      await runDelivery(task, `person ${person.id}`, stop.signal, (message) => {
        if (message.kind === 'begun') ({ versionId } = message);
        if (message.kind === 'progress') far = { share: message.share, rows: message.rows };
        end = endOf(message) ?? end;
        tell(message);
      });
      isListening = !response.closed;
    });
  } finally {
    clearInterval(noting);
    // Whoever is still there has been told already.
    const told = isListening
      ? forgetDelivery(database, person, id)
      : endDelivery(database, id, end);
    await told.catch((error: unknown) => console.error(error));
  }
  if (versionId === null || end.state === 'done') return;
  // The process that held it has ended, or will not write to it any more.
  await endLease(database, { kind: 'version', subject: versionId });
  await sweepUnfinished(database);
}

/** Has work done on an upload for somebody who waits for it: when they leave, it is ended. */
async function runAndTell(
  response: Response,
  person: Person,
  task: DeliveryTask,
  change: (message: DeliveryMessage) => Promise<DeliveryMessage> = (message) =>
    Promise.resolve(message),
) {
  await tellSteps(response, async (tell) => {
    let telling = Promise.resolve();
    await runDelivery(task, `person ${person.id}`, stopWhenGone(response), (message) => {
      telling = telling.then(async () => tell(await change(message)));
    });
    await telling;
  });
}

/** Answers with a line of JSON for each step of some work; nobody may be listening any more. */
async function tellSteps(
  response: Response,
  work: (tell: (message: DeliveryMessage) => void) => Promise<void>,
) {
  response.type('application/x-ndjson');
  const tell = (message: DeliveryMessage) => {
    if (message.kind !== 'begun' && message.kind !== 'earlier' && !response.closed)
      response.write(`${JSON.stringify(message)}\n`);
  };
  try {
    await work(tell);
  } catch (error) {
    if (error instanceof Refusal && !response.headersSent) throw error;
    const away = isDatabaseAway(error);
    if (!away) console.error(error);
    tell({ kind: 'problem', ...(away ? databaseAway : brokeOff) });
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
