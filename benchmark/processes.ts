import { readdirSync, readFileSync } from 'node:fs';

interface Process {
  pid: number;
  parent: number;
  command: string;
}

function processes(): Process[] {
  return readdirSync('/proc').flatMap((name) => {
    if (!/^\d+$/.test(name)) return [];
    try {
      const stat = readFileSync(`/proc/${name}/stat`, 'latin1').replace(/^.*\) /s, '');
      const command = readFileSync(`/proc/${name}/cmdline`, 'latin1');
      return [{ pid: Number(name), parent: Number(stat.split(' ')[1]), command }];
    } catch {
      return [];
    }
  });
}

/** A process and all that it has begun, by their ids. */
export function familyOf(pid: number): number[] {
  const all = processes();
  const family = [pid];
  for (const each of family)
    family.push(...all.filter(({ parent }) => parent === each).map((child) => child.pid));
  return family;
}

/** The process of the database that an address names, on this machine. */
export const databaseOf = (url: string): number | undefined =>
  processes().find(({ command }) => command.includes(`--port=${new URL(url).port}`))?.pid;

/** How often the system counts a second of a process' work. */
const ticks = 100;

/** For how many seconds a process has worked so far, on whichever cores. */
export function secondsWorked(pid: number): number {
  const stat = readFileSync(`/proc/${pid}/stat`, 'latin1').replace(/^.*\) /s, '');
  const [user = 0, system = 0] = stat.split(' ').slice(11, 13).map(Number);
  return (user + system) / ticks;
}
