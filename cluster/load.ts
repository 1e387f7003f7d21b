import type { TestPerson } from '../server/testing';
import { noteOf, pause } from './ground';

/** What one client of many has met. */
export interface Client {
  /** the texts of the notes that it was told are kept */
  kept: string[];
  /** when it was last told so, as milliseconds of the clock */
  lastKept: number;
  /** how often it was told that the database is away */
  away: number;
  /** everything else that it was answered */
  unforeseen: string[];
}

/**
 * Begins to write notes, by so many clients, each again and again; whoever is told to wait does so.
 * @param servers which of them in turn the clients ask
 * @param chart where the notes are written
 */
export function writeOn(
  servers: readonly TestPerson[],
  chart: number,
  clients: number,
): { clients: Client[]; stop: () => Promise<void> } {
  const ended = new AbortController();
  const all = Array.from({ length: clients }, (): Client => ({
    kept: [],
    lastKept: 0,
    away: 0,
    unforeseen: [],
  }));
  const work = all.map((client, at) =>
    write(client, servers[at % servers.length] as TestPerson, { chart, at, ended: ended.signal }),
  );
  return {
    clients: all,
    stop: async () => {
      ended.abort();
      await Promise.all(work);
    },
  };
}

async function write(
  client: Client,
  person: TestPerson,
  { chart, at, ended }: { chart: number; at: number; ended: AbortSignal },
) {
  for (let count = 0; !ended.aborted; count += 1) {
    const text = `${at} ${count}`;
    const { status, body, headers } = await person.send(
      'POST',
      `/charts/${chart}/notes`,
      noteOf(text),
    );
    if (status === 201) {
      client.kept.push(text);
      client.lastKept = Date.now();
    } else if (status === 503 && body.code === 'database-away') {
      client.away += 1;
      await pause(Number(headers.get('retry-after')) * 1000);
    } else client.unforeseen.push(`${status} ${JSON.stringify(body)}`);
    await pause(20);
  }
}
