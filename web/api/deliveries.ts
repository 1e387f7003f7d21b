import type {
  Announced,
  BringInStep,
  Changes,
  DeliveryMode,
  FileForm,
  ProblemBody,
  Understanding,
  Upload,
} from '../../contract';
import { ownHeader } from './checkedFetch';

/**
 * Sends a file to the server.
 * @param onProgress is told the share that is sent, 0 to 1
 * @throws Error with a sentence for the person
 */
export function uploadFile(
  file: File,
  onProgress: (share: number) => void,
  stop: AbortSignal,
): Promise<Upload> {
  return new Promise((resolve, reject) => {
    // fetch cannot tell how much is sent.
    const request = new XMLHttpRequest();
    request.open('POST', `/api/uploads?name=${encodeURIComponent(file.name)}`);
    request.setRequestHeader('X-Stand-Mark', ownHeader['X-Stand-Mark']);
    request.setRequestHeader('Content-Type', 'application/octet-stream');
    request.upload.onprogress = (event) => onProgress(event.loaded / Math.max(1, event.total));
    request.onload = () => {
      const answer: unknown = JSON.parse(request.responseText || '{}');
      if (request.status < 300) resolve(answer as Upload);
      else reject(new Error((answer as ProblemBody).detail));
    };
    request.onerror = () =>
      reject(new Error('The file could not be sent. Check the connection and try again.'));
    request.onabort = () => reject(new DOMException('stopped', 'AbortError'));
    stop.addEventListener('abort', () => request.abort());
    request.send(file);
  });
}

/** How far long work is: what it is at, the share of it that is done, and the rows so far. */
export type Tell = (doing: string, share: number, rows: number) => void;

type Ending = 'understood' | 'compared' | 'done';

/**
 * Has long work done on an upload, and tells how far it is.
 * @returns the step that ends it
 * @throws Error with a sentence for the person; nothing was changed then
 */
async function runSteps<Kind extends Ending>(
  path: string,
  body: unknown,
  ending: Kind,
  tell: Tell,
  stop: AbortSignal,
): Promise<Extract<BringInStep, { kind: Kind }>> {
  const response = await fetch(`/api/uploads/${path}`, {
    method: 'POST',
    headers: { ...ownHeader, 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
    signal: stop,
  });
  if (!response.ok || !response.body)
    throw new Error(((await response.json()) as ProblemBody).detail);
  for await (const step of lines(response.body)) {
    if (step.kind === 'progress') tell(step.doing, step.share, step.rows);
    if (step.kind === 'problem') throw new DeliveryProblem(step.code, step.detail);
    if (step.kind === ending) return step as Extract<BringInStep, { kind: Kind }>;
  }
  throw new Error('The server stopped before it was done. Nothing was changed; try again.');
}

/**
 * Says how an upload is understood.
 * @param tell hears of progress, from 0 to 1
 * @param stop ends the request when it is aborted
 */
export async function understand(
  uploadId: string,
  form: FileForm,
  tell: Tell,
  stop: AbortSignal,
): Promise<Understanding> {
  const path = `${uploadId}/understand`;
  return (await runSteps(path, form, 'understood', tell, stop)).understanding;
}

/** Long work on an upload was refused, in a sentence for the person. */
export class DeliveryProblem extends Error {
  constructor(
    readonly code: string,
    sentence: string,
  ) {
    super(sentence);
    this.name = 'DeliveryProblem';
  }
}

/** Where a delivery goes. */
export interface DeliveryTarget {
  name?: string;
  sourceId?: number;
  mode?: DeliveryMode;
  keys?: string[];
}

/**
 * Says what bringing an upload in would change.
 * @param target the source, how rows come to it, and by which key
 * @param tell hears of progress, from 0 to 1
 * @param stop ends the request when it is aborted
 */
export async function compare(
  uploadId: string,
  target: DeliveryTarget,
  form: FileForm,
  tell: Tell,
  stop: AbortSignal,
): Promise<Changes> {
  const path = `${uploadId}/compare`;
  return (await runSteps(path, { ...target, form }, 'compared', tell, stop)).changes;
}

/** Stops bringing an upload in, wherever that was begun; nothing of it stays. */
export const stopBringingIn = (uploadId: string): Promise<unknown> =>
  fetch(`/api/uploads/${uploadId}/bring-in`, { method: 'DELETE', headers: ownHeader }).catch(
    () => {},
  );

/**
 * Brings an upload in. When it is stopped, nothing of it stays; when its page is left, it goes on, and
 * the pages of sources tell how it ended.
 * @param leave fires when nobody listens any more
 * @param announced what the person was told that it would change; missing: nothing was
 * @returns the source's id
 */
export async function bringIn(
  uploadId: string,
  target: DeliveryTarget & { announced?: Announced },
  form: FileForm,
  tell: Tell,
  { stop, leave }: { stop: AbortSignal; leave: AbortSignal },
): Promise<number> {
  const path = `${uploadId}/bring-in`;
  const onStop = () => void stopBringingIn(uploadId);
  stop.addEventListener('abort', onStop, { once: true });
  const end = AbortSignal.any([stop, leave]);
  try {
    return (await runSteps(path, { ...target, form }, 'done', tell, end)).sourceId;
  } finally {
    stop.removeEventListener('abort', onStop);
  }
}

async function* lines(body: ReadableStream<Uint8Array>): AsyncGenerator<BringInStep> {
  const reader = body
    .pipeThrough(new TextDecoderStream() as ReadableWritablePair<string, Uint8Array>)
    .getReader();
  let rest = '';
  for (;;) {
    const { done, value } = await reader.read();
    rest += value ?? '';
    const whole = rest.split('\n');
    rest = whole.pop() ?? '';
    for (const line of whole) if (line) yield JSON.parse(line) as BringInStep;
    if (done) return;
  }
}
