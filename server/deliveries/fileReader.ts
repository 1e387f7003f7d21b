import { inspect } from 'node:util';
import type { Understanding, Upload } from '../../contract';
import { type Problem, ProblemError } from '../../core/values';
import { diskFull, isDatabaseAway, isDiskFull, openDatabase } from '../database';
import type { DeliveredFile } from '../forms';
import { settings } from '../settings';
import { openStandingRows, sourceGone } from '../sources';
import { readUpload } from '../uploads';
import { DeliveredRows } from './deliveredRows';
import { deliverFile, refuseOpen, tableOf } from './deliver';
import { readLookups } from './lookups';
import { Progress } from './progress';
import { remember, remembered } from './remembered';
import type { DeliveryMessage, DeliveryTask, ReadingWord } from './task';
import { type LookedAt, understandFile } from './understand';

/*
 * Understands, compares or brings in uploads, one after another, in a process of its own, and tells each
 * step. It ends with the server that it reads for.
 */

const database = openDatabase(4, settings.databaseSeconds);

process.on('disconnect', () => process.exit());
process.on('message', (task: DeliveryTask) => void work(task));

/** Does one task to its end, whatever comes of it. */
async function work(task: DeliveryTask) {
  const say = (message: DeliveryMessage) => void process.send?.(message);
  let end: ReadingWord = 'ended';
  try {
    await acts[task.kind](new Reading(task, say));
  } catch (error) {
    const problem = problemOf(error);
    say({ kind: 'problem', code: problem.code, detail: problem.sentence });
    // Whatever the connections are still at is ended with the process.
    if (problem === databaseAway) end = 'spent';
  }
  process.send?.(end);
}

const databaseAway: Problem = {
  code: 'database-away',
  sentence: 'The database does not answer just now. Bring the file in again in a moment.',
};

function problemOf(error: unknown): Problem {
  if (error instanceof ProblemError) return error.problem;
  if (isDiskFull(error)) return diskFull;
  if (isDatabaseAway(error)) return databaseAway;
  // What goes to the other stream of this process is not kept.
  process.stdout.write(`${inspect(error)}\n`);
  // Beyond what the engine can nest, repeat or join.
  const tooMuch = error instanceof RangeError;
  return {
    code: tooMuch ? 'too-much' : 'internal',
    sentence: tooMuch
      ? 'The file is nested, repeated or joined beyond what can be read. Save the table as CSV, then bring it in.'
      : 'The server could not read the file to its end. Try again.',
  };
}

/** Of a large file the first rows are looked at. */
const partOf = ({ bytes }: Upload): LookedAt | null =>
  bytes > settings.lookedAtWholeBytes ? { rows: settings.rowsLookedAt, ofBytes: bytes } : null;

/** One file that is read for one task. */
class Reading {
  readonly progress: Progress;
  readonly file: DeliveredFile;

  constructor(
    readonly task: DeliveryTask,
    readonly say: (message: DeliveryMessage) => void,
  ) {
    const { upload } = task;
    this.progress = new Progress(upload.bytes, say);
    this.file = {
      name: upload.fileName,
      open: () => this.progress.counting(readUpload(database, upload)),
    };
  }

  async understood(): Promise<Understanding> {
    const { upload, form } = this.task;
    const before = await remembered(database, upload.id, form);
    if (before) return before;
    this.progress.begin('reading');
    const lookups = await readLookups(database, form.steps);
    const onRows = (rows: number) => this.progress.rows(rows);
    const understanding = await understandFile(this.file, form, lookups, onRows, partOf(upload));
    await remember(database, upload.id, understanding);
    return understanding;
  }
}

const acts: Record<DeliveryTask['kind'], (reading: Reading) => Promise<void>> = {
  understand: async (reading) =>
    reading.say({ kind: 'understood', understanding: await reading.understood() }),

  compare: async (reading) => {
    const { task, file, say, progress } = reading;
    if (task.kind !== 'compare') return;
    const understanding = await reading.understood();
    refuseOpen(understanding);
    const standing = await openStandingRows(database, task.sourceId);
    if (!standing) throw sourceGone();
    progress.begin('comparing');
    const table = tableOf(file, understanding, await readLookups(database, understanding.steps));
    const rows = new DeliveredRows(database, table, (taken) => progress.rows(taken));
    try {
      const against = await rows.against(standing.rows);
      const changes = await against.compare(task.mode, task.keys);
      say({ kind: 'earlier', earlier: await against.earlier(task.mode, changes.keys) });
      const { versionId: builtOn } = standing;
      say({ kind: 'compared', changes: { ...changes, builtOn, charts: [], meanings: [] } });
    } finally {
      await rows.end();
    }
  },

  'bring-in': async (reading) => {
    const { task, file, say, progress } = reading;
    if (task.kind !== 'bring-in') return;
    const { upload, form, target, announced } = task;
    const understanding = await reading.understood();
    const lookups = await readLookups(database, understanding.steps);
    const delivery = { file, uploadId: upload.id, form, lookups, understood: understanding };
    progress.begin('storing');
    const sourceId = await deliverFile(database, target, delivery, {
      announced,
      onBegun: (versionId) => say({ kind: 'begun', versionId }),
      onProgress: (rows, ofRows) => progress.stored(rows, ofRows),
    });
    say({ kind: 'done', sourceId });
  },
};
