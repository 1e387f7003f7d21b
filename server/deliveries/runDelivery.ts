import { FairSeats } from '../http';
import { settings } from '../settings';
import { FileProcess, type ReadingEnd, readingLimits } from './fileProcess';
import type { DeliveryMessage, DeliveryTask } from './task';

const seats = new FairSeats({
  inAll: settings.fileProcesses,
  ofOwner: settings.fileProcessesOfPerson,
  waitingOfOwner: 50,
});

/** Processes that wait for work. */
const idle: FileProcess[] = [];

/** Begins a process ahead, so that whoever comes next need not wait until it has begun. */
export function keepReaderReady() {
  if (idle.length === 0) idle.push(new FileProcess());
}

/**
 * Works on an upload in a process of its own, when it is its owner's turn.
 * @param owner whose line it waits in
 * @param stop ends the work; whatever was begun is left for the caller to clear away
 * @param tell receives every step
 */
export async function runDelivery(
  task: DeliveryTask,
  owner: string,
  stop: AbortSignal,
  tell: (message: DeliveryMessage) => void,
): Promise<void> {
  await seats.run(owner, async () => {
    if (stop.aborted) return;
    let rows = 0;
    const reader = idle.pop() ?? new FileProcess();
    keepReaderReady();
    const end = await reader.run(task, readingLimits(task), stop, (message) => {
      if (message.kind === 'progress') ({ rows } = message);
      tell(message);
    });
    if (end === 'ended' && reader.isReusable) idle.push(reader);
    else reader.end();
    keepReaderReady();
    const detail = broken[end]?.(rows, readingLimits(task).seconds);
    if (detail) tell({ kind: 'problem', code: codes[end] ?? 'internal', detail });
  });
}

const after = (rows: number) =>
  rows === 0 ? '' : ` It was stopped after row ${rows.toLocaleString('en-GB')}.`;

const codes: Partial<Record<ReadingEnd, string>> = {
  tooMuchMemory: 'too-much-memory',
  tooLong: 'too-long',
};

/** What is said of a file that could not be read to its end. */
const broken: Partial<Record<ReadingEnd, (rows: number, seconds: number) => string>> = {
  tooMuchMemory: (rows) =>
    `The file takes more memory than there is for one of its size.${after(rows)} Save the table as CSV, or bring it in as several files.`,
  tooLong: (rows, seconds) =>
    `The file takes longer than the ${Math.round(seconds)} seconds there are for one of its size.${after(rows)} Look for cells of unusual length there, or bring it in as several files.`,
  broken: (rows) =>
    `Reading the file broke off.${after(rows)} Save it again, or save the table as CSV.`,
};
