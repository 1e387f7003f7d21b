import { createConnection } from 'mysql2/promise';
import type { Dashboard } from '../contract';
import { openDatabase, takeLease } from '../server/database';
import { TestPerson, type TestServer } from '../server/testing';
import { databaseAt, first, noteOf, notesOn, second, tell, twoServers, wide } from './ground';

/*
 * Two servers of which each writes at a node of its own, as it comes to be while one node gives way to
 * another: nothing breaks by it, and nothing old is read.
 */
let here: TestServer;
let there: TestServer;
let maren: TestPerson;
let marenThere: TestPerson;

beforeAll(async () => {
  ({ here, there, maren, marenThere } = await twoServers(wide, second));
});

afterAll(async () => {
  await there.stop();
  await here.stop();
});

const rounds = (count: number) => Array.from({ length: count }, (_, round) => round);

it('gives a lease to one of two who claim it at two nodes at the same time', async () => {
  const databases = [first, second].map((node) => {
    process.env.DATABASE_URL = databaseAt(node, here.databaseUrl);
    return openDatabase(2);
  });
  let held = 0;
  for (const round of rounds(300)) {
    const claims = await Promise.all(
      databases.map((database) =>
        takeLease(database, { kind: 'file', subject: `round ${round}` }).catch(() => null),
      ),
    );
    const leases = claims.flatMap((lease) => lease ?? []);
    expect(leases.length).toBeLessThan(2);
    held += leases.length;
    for (const lease of leases) lease.letLapse();
  }
  // Neither has it only where the conflict came up twice.
  expect(held).toBeGreaterThan(270);
  for (const database of databases) await database.$client.end();
});

it('keeps all notes that four write on one board at two nodes', async () => {
  const { chartId, dashboardId } = await maren.board(
    await maren.source('Day,Fares\n2026-01-05,1\n'),
  );
  const people = [maren, maren, marenThere, marenThere];
  const answers = await Promise.all(
    people.flatMap(async (who, writer) => {
      const statuses: number[] = [];
      for (const round of rounds(60))
        statuses.push(
          (await who.send('POST', `/charts/${chartId}/notes`, noteOf(`${writer} ${round}`))).status,
        );
      return statuses;
    }),
  );
  const refused = answers.flat().filter((status) => status !== 201);
  // Whoever has met another again and again may be told to come again: that is rare.
  expect(refused.every((status) => status === 503)).toBe(true);
  expect(refused.length).toBeLessThan(3);
  expect(new Set(await notesOn(maren, dashboardId)).size).toBe(240 - refused.length);
});

it('lets one of those stand who change a title at the same time, and tells the others', async () => {
  const { dashboardId } = await maren.board(await maren.source('Day,Fares\n2026-01-05,1\n'));
  const path = `/dashboards/${dashboardId}`;
  let { revision } = (await maren.send<Dashboard>('GET', path)).body;
  for (const round of rounds(40)) {
    const answers = await Promise.all(
      [maren, marenThere].map((who) =>
        who.send('PUT', path, { title: `Title ${round}`, revision }),
      ),
    );
    const statuses = answers.map(({ status }) => status).sort();
    expect(statuses).toEqual([200, 409]);
    revision += 1;
  }
});

it.each([
  [
    450,
    'a dashboard that was made',
    async (writer: TestPerson, reader: TestPerson) => {
      const { body } = await writer.send<{ id: number }>('POST', '/dashboards', {
        title: 'New',
        zone: 'UTC',
      });
      return (await reader.send('GET', `/dashboards/${body.id}`)).status === 200;
    },
  ],
  [
    450,
    'a note that was written',
    async (writer: TestPerson, reader: TestPerson, at: number) => {
      const text = `note ${at}`;
      await writer.send('POST', `/charts/${board.chartId}/notes`, noteOf(text));
      return (await notesOn(reader, board.dashboardId)).includes(text);
    },
  ],
  [
    100,
    'who has signed in',
    async (writer: TestPerson, reader: TestPerson) => {
      const person = new TestPerson(writer.origin);
      const account = { email: 'maren@isles.example', password: 'long enough to be one' };
      await person.send('POST', '/session', account);
      return (await person.before(reader.origin).send('GET', '/session')).status === 200;
    },
  ],
])(
  'reads %i times %s at the other server at once',
  async (tries, _, writtenAndRead) => {
    board = await maren.board(await maren.source('Day,Fares\n2026-01-05,1\n'));
    // What a node has to take over besides makes it late.
    const ended = new AbortController();
    const delivering = deliver(ended.signal);
    let stale = 0;
    for (const at of rounds(tries)) {
      const [writer, reader] = at % 2 === 0 ? [maren, marenThere] : [marenThere, maren];
      if (!(await writtenAndRead(writer, reader, at))) stale += 1;
    }
    ended.abort();
    await delivering;
    expect(stale).toBe(0);
  },
  240_000,
);

async function deliver(ended: AbortSignal) {
  const rows = Array.from({ length: 30_000 }, (_, row) => `2026-01-05,R${row % 9},${row * 1.37}`);
  const sourceId = await maren.source('Day,Route,Fares\n2026-01-05,North,1\n', 'Delivered');
  for (let count = 0; !ended.aborted; count += 1) {
    const csv = ['Day,Route,Fares', ...rows.slice(count % 7)].join('\n');
    await (count % 2 ? maren : marenThere).bringIn(csv, { sourceId });
  }
}

let board: { chartId: number; dashboardId: number };

it('tells what reading only what is known to be new costs', async () => {
  const [writer, reader] = await Promise.all(
    [first, second].map((node) => createConnection(databaseAt(node, here.databaseUrl))),
  );
  if (!writer || !reader) throw new Error('no connections');
  await writer.query('CREATE TABLE counted (id INT PRIMARY KEY, at INT NOT NULL)');
  await writer.query('INSERT INTO counted VALUES (1, 0)');
  const measured = async (waits: number) => {
    await reader.query(`SET SESSION wsrep_sync_wait = ${waits}`);
    let stale = 0;
    let took = 0;
    for (const at of rounds(1000)) {
      await writer.query('UPDATE counted SET at = ?', [at]);
      const begun = performance.now();
      const [rows] = await reader.query('SELECT at FROM counted');
      took += performance.now() - begun;
      if ((rows as { at: number }[])[0]?.at !== at) stale += 1;
    }
    return { stale, milliseconds: took / 1000 };
  };
  const [without, waiting] = [await measured(0), await measured(1)];
  const each = (milliseconds: number) => `${milliseconds.toFixed(2)} ms each`;
  tell(
    `read at another node at once: ${without.stale} of 1000 stale, ${each(without.milliseconds)}; with wsrep_sync_wait ${waiting.stale}, ${each(waiting.milliseconds)}`,
  );
  expect(waiting.stale).toBe(0);
  await Promise.all([writer.end(), reader.end()]);
});
