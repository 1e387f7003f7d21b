import { readFileSync } from 'node:fs';

/** In how many parts the system counts a second of work. */
const ticksOfSecond = 100;

/** @returns what a process has in memory now, in bytes; 0 where nothing tells */
export function residentBytes(pid: number | undefined): number {
  const [, pages = ''] = told(pid, 'statm').split(' ');
  return Number(pages) * 4096;
}

/**
 * How long a process has been at work on some core, with all its threads and what the system does for
 * it: proc(5), fields 14 and 15.
 * @returns seconds; 0 where nothing tells
 */
export function secondsAtWork(pid: number | undefined): number {
  const text = told(pid, 'stat');
  // The second field, a name in brackets, may have spaces in it.
  const fields = text.slice(text.lastIndexOf(')') + 2).split(' ');
  return (Number(fields[11] ?? 0) + Number(fields[12] ?? 0)) / ticksOfSecond;
}

function told(pid: number | undefined, file: string): string {
  try {
    return readFileSync(`/proc/${pid}/${file}`, 'latin1');
  } catch {
    return '';
  }
}
