import { sayEnd } from './sayEnd';

it.each([
  [
    'tooLong',
    264_430,
    'too-long',
    / one of its size \(12 s\)\. It was stopped after row 264,430\. Look for cells of unusual length there/,
  ],
  ['tooLong', 0, 'too-long', / one of its size \(12 s\)\. Look for cells of unusual length, or/],
  [
    'keptWaiting',
    40,
    'kept-waiting',
    /^The server was too busy .* after row 40\. Bring it in again/,
  ],
  ['tooMuchMemory', 5000, 'too-much-memory', / more memory .* stopped after row 5,000\. Save/],
  ['broken', 1, 'broke-off', /^Reading the file broke off\. It was stopped after row 1\. Save/],
] as const)(
  'says of a reading that ended as %s after which row: %i',
  (end, rows, code, sentence) => {
    expect(sayEnd(end, rows, 12)).toMatchObject({
      kind: 'problem',
      code,
      detail: expect.stringMatching(sentence) as string,
    });
  },
);

it.each(['ended', 'stopped'] as const)('says nothing of one that %s', (end) => {
  expect(sayEnd(end, 10, 12)).toBeNull();
});
