import { readFileSync } from 'node:fs';
import type { TestServer } from '../server/testing';
import { databaseOf, familyOf } from './processes';

const every = 250;

/**
 * Watches how much memory a server takes at most with all processes that it has begun, and the database
 * with it, each process by its own share of what is shared; in megabytes.
 */
export class PeakMemory {
  /** the server and its processes; those and the database */
  server = 0;
  withDatabase = 0;
  private readonly looking: NodeJS.Timeout;

  constructor({ pid, databaseUrl }: TestServer) {
    const database = databaseOf(databaseUrl);
    this.looking = setInterval(() => {
      const own = familyOf(pid).reduce((sum, each) => sum + memoryOf(each), 0);
      this.server = Math.max(this.server, own);
      const all = own + (database ? memoryOf(database) : 0);
      this.withDatabase = Math.max(this.withDatabase, all);
    }, every);
  }

  begin() {
    this.server = 0;
    this.withDatabase = 0;
  }

  end() {
    clearInterval(this.looking);
  }
}

function memoryOf(pid: number): number {
  try {
    const rollup = readFileSync(`/proc/${pid}/smaps_rollup`, 'latin1');
    return Number(/^Pss:\s+(\d+)/m.exec(rollup)?.[1] ?? 0) / 1024;
  } catch {
    return 0;
  }
}
