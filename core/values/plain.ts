import type { Problem } from './problem';

/** The largest figure by size that comes in: beyond it neither sums nor axes can be written well. */
export const largestFigure = 1e15;

const loneSurrogates = /\p{Surrogate}/gu;

/** Whether a number can be kept, added and drawn. */
export function isFigure(value: number): boolean {
  return Number.isFinite(value) && Math.abs(value) <= largestFigure;
}

/** Text as it may be kept: halves of characters, which no encoding can write, are marked instead. */
export function wellFormed(text: string): string {
  return text.replace(loneSurrogates, '\ufffd');
}

/** Signs that are not seen and turn the text around them: what is written would read as another. */
const turning = /[\u202a-\u202e\u2066-\u2069]/g;

/** Text with its unseen turning signs written out, so that it is read as what it is. */
export const plainText = (text: string): string =>
  text.replace(turning, (sign) => `[U+${sign.charCodeAt(0).toString(16).toUpperCase()}]`);

/** Data whose texts are all plain. */
export function plainData(data: unknown): unknown {
  if (typeof data === 'string') return plainText(data);
  if (Array.isArray(data)) return data.map(plainData);
  if (data === null || typeof data !== 'object') return data;
  return Object.fromEntries(Object.entries(data).map(([name, value]) => [name, plainData(value)]));
}

/**
 * The start of a text, never ending within a character.
 * @param most how many UTF-16 units are kept
 */
export function cutText(text: string, most: number): string {
  return wellFormed(text).length <= most
    ? wellFormed(text)
    : wellFormed(text).slice(0, most).replace(loneSurrogates, '');
}

/** More values than this, or deeper nesting, is no request of ours. */
const limits = { values: 20_000, depth: 24 };

/**
 * Finds what is wrong with data from outside before anything else looks at it: text that is not
 * well-formed, numbers that cannot be drawn, more values or deeper nesting than any request has.
 * @param data as JSON was read
 * @returns null when all of it may be kept
 */
export function flawOf(data: unknown): Problem | null {
  const left: { value: unknown; path: string; depth: number }[] = [
    { value: data, path: '', depth: 0 },
  ];
  for (let seen = 0, next = left.pop(); next; seen += 1, next = left.pop()) {
    const { value, path, depth } = next;
    if (seen > limits.values || depth > limits.depth) return tooMuch;
    if (typeof value === 'string' && wellFormed(value) !== value) return brokenText(path);
    if (typeof value === 'number' && !isFigure(value)) return noFigure(path);
    if (value === null || typeof value !== 'object') continue;
    // Long lists are not walked into before their length is known to be bearable.
    const entries = Object.entries(value);
    if (entries.length > limits.values) return tooMuch;
    for (const [name, inner] of entries) {
      if (wellFormed(name) !== name) return brokenText(path);
      left.push({ value: inner, path: path ? `${path}.${name}` : name, depth: depth + 1 });
    }
  }
  return null;
}

const tooMuch: Problem = {
  code: 'too-much',
  sentence: 'This holds more than may be sent at once. Send less.',
};

const brokenText = (field: string): Problem => ({
  code: 'broken-text',
  sentence: 'A text holds half a character, which cannot be kept. Write it again.',
  place: { field },
});

const noFigure = (field: string): Problem => ({
  code: 'no-figure',
  sentence: 'A number is beyond a thousand million million, or is none. Write a smaller one.',
  place: { field },
});
