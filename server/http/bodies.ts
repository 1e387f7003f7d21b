import express, { type RequestHandler } from 'express';
import { settings } from '../settings';
import { Refusal } from './refusals';

/** Reads a JSON body; who takes too long to send one is cut off. */
export const jsonBody: RequestHandler[] = [
  (request, _response, next) => {
    const late = setTimeout(() => {
      if (!request.complete) request.destroy();
    }, settings.bodySeconds * 1000);
    request.once('close', () => clearTimeout(late));
    next();
  },
  express.json({ limit: '512kb' }),
];

/**
 * The content of a file as it arrives. Only the time counts that is spent waiting for the client.
 * @param content parts as they arrive
 * @throws Refusal 408 when less arrives within a stretch of time than a working connection brings
 */
export async function* steadily(content: AsyncIterable<Buffer>): AsyncGenerator<Buffer> {
  const parts = content[Symbol.asyncIterator]();
  const stretch = settings.uploadStretchSeconds * 1000;
  let waited = 0;
  let arrived = 0;
  const endStretch = () => {
    if (arrived < settings.uploadStretchBytes) throw arrivesTooSlowly();
    waited = 0;
    arrived = 0;
  };
  for (;;) {
    const part = parts.next();
    let began = Date.now();
    let next = await within(part, stretch - waited);
    while (next === null) {
      endStretch();
      began = Date.now();
      next = await within(part, stretch);
    }
    if (next.done) return;
    waited += Date.now() - began;
    arrived += next.value.length;
    if (waited >= stretch) endStretch();
    yield next.value;
  }
}

/** What is waited for, or null when the time is over first. */
async function within<T>(wanted: Promise<T>, milliseconds: number): Promise<T | null> {
  let timer: NodeJS.Timeout | undefined;
  const late = new Promise<null>((resolve) => {
    timer = setTimeout(() => resolve(null), Math.max(0, milliseconds));
  });
  try {
    return await Promise.race([wanted, late]);
  } finally {
    clearTimeout(timer);
  }
}

const arrivesTooSlowly = () =>
  new Refusal(408, {
    code: 'too-slow',
    sentence: 'The file arrives too slowly. Check the connection, then send it again.',
  });
