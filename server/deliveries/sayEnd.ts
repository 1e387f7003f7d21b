import type { DeliveryMessage } from './task';
import type { ReadingEnd } from './fileProcess';

const after = (rows: number) =>
  rows === 0 ? '' : ` It was stopped after row ${rows.toLocaleString('en-GB')}.`;

interface Broken {
  code: string;
  say: (rows: number, seconds: number) => string;
}

/** What is said of a file that could not be read to its end; nothing of one that was, or was stopped. */
const broken: Partial<Record<ReadingEnd, Broken>> = {
  tooMuchMemory: {
    code: 'too-much-memory',
    say: (rows) =>
      `The file takes more memory than there is for one of its size.${after(rows)} Save the table as CSV, or bring it in as several files.`,
  },
  tooLong: {
    code: 'too-long',
    say: (rows, seconds) =>
      `Reading the file is more work than is allowed for one of its size (${Math.round(seconds)} s).${after(rows)} Look for cells of unusual length${rows === 0 ? '' : ' there'}, or bring it in as several files.`,
  },
  keptWaiting: {
    code: 'kept-waiting',
    say: (rows) =>
      `The server was too busy to read the file to its end.${after(rows)} Bring it in again later; nothing of it is stored.`,
  },
  broken: {
    code: 'broke-off',
    say: (rows) =>
      `Reading the file broke off.${after(rows)} Save it again, or save the table as CSV.`,
  },
};

/**
 * Says why a file was not read to its end.
 * @param rows how many had been read when that was told last
 * @param seconds that there were for it
 * @returns null where nothing has to be said
 */
export function sayEnd(end: ReadingEnd, rows: number, seconds: number): DeliveryMessage | null {
  const why = broken[end];
  return why ? { kind: 'problem', code: why.code, detail: why.say(rows, seconds) } : null;
}
