import { FairSeats } from '../http';
import { settings } from '../settings';
import { FileProcess, readingLimits } from './fileProcess';
import { sayEnd } from './sayEnd';
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
    const problem = sayEnd(end, rows, readingLimits(task).seconds);
    if (problem) tell(problem);
  });
}
