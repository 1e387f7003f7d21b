import type { BringInStep, FileForm, ProblemBody, Upload } from '../../contract';
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

/**
 * Brings an upload in, and tells each step.
 * @throws Error with a sentence for the person; nothing was brought in then
 * @returns the source's id
 */
export async function bringIn(
  uploadId: string,
  target: { name?: string; sourceId?: number },
  form: FileForm,
  onProgress: (share: number) => void,
  stop: AbortSignal,
): Promise<number> {
  const response = await fetch(`/api/uploads/${uploadId}/bring-in`, {
    method: 'POST',
    headers: { ...ownHeader, 'Content-Type': 'application/json' },
    body: JSON.stringify({ ...target, form }),
    signal: stop,
  });
  if (!response.ok || !response.body)
    throw new Error(((await response.json()) as ProblemBody).detail);
  for await (const step of lines(response.body)) {
    if (step.kind === 'progress') onProgress(step.rows / Math.max(1, step.ofRows));
    if (step.kind === 'problem') throw new Error(step.detail);
    if (step.kind === 'done') return step.sourceId;
  }
  throw new Error('The server stopped before all rows were in. Nothing was brought in; try again.');
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
