import { sql } from 'drizzle-orm';
import { makeDatabase } from '../testing';
import { type Database, inTransaction, isDatabaseAway, openDatabase, takeLease } from './index';

let database: Database;
let drop: () => Promise<void>;

beforeAll(async () => {
  const made = await makeDatabase();
  ({ drop } = made);
  process.env.DATABASE_URL = made.url;
  database = openDatabase(8);
  await database.execute(sql`CREATE TABLE sums (id INT PRIMARY KEY, sum INT NOT NULL)`);
  await database.execute(sql`INSERT INTO sums VALUES (1, 0), (2, 0)`);
});

afterAll(async () => {
  await database.$client.end();
  await drop();
});

it('begins a transaction anew that met another one, and does it once', async () => {
  let begun = 0;
  /** Changes two rows, one after the other: two that go opposite ways end in a deadlock. */
  const both = (first: number, second: number) =>
    inTransaction(database, async (change) => {
      begun += 1;
      await change.execute(sql`UPDATE sums SET sum = sum + 1 WHERE id = ${first}`);
      await new Promise((done) => setTimeout(done, 20));
      await change.execute(sql`UPDATE sums SET sum = sum + 1 WHERE id = ${second}`);
    });
  for (let round = 0; round < 10; round += 1) await Promise.all([both(1, 2), both(2, 1)]);
  const [rows] = await database.execute(sql`SELECT sum FROM sums ORDER BY id`);
  expect(rows).toEqual([{ sum: 20 }, { sum: 20 }]);
  // At least one of them had to be begun again.
  expect(begun).toBeGreaterThan(20);
});

it('begins a single statement anew that met a transaction, and does it once', async () => {
  await database.execute(sql`DELETE FROM sums`);
  for (let id = 1; id <= 9; id += 1)
    await database.execute(sql`INSERT INTO sums VALUES (${id}, 0)`);
  for (let round = 0; round < 5; round += 1) {
    let upwards: Promise<unknown> | undefined;
    await database.transaction(async (change) => {
      // Who has changed more is let go on where two stand in each other's way.
      for (let id = 2; id <= 9; id += 1)
        await change.execute(sql`UPDATE sums SET sum = sum + 1 WHERE id = ${id}`);
      upwards = database.execute(sql`UPDATE sums SET sum = sum + 1 WHERE id < 3 ORDER BY id`);
      await new Promise((done) => setTimeout(done, 200));
      await change.execute(sql`UPDATE sums SET sum = sum + 1 WHERE id = 1`);
    });
    await upwards;
  }
  const [rows] = await database.execute(sql`SELECT sum FROM sums ORDER BY id`);
  const once = Array.from({ length: 7 }, () => ({ sum: 5 }));
  expect(rows).toEqual([{ sum: 10 }, { sum: 10 }, ...once]);
});

const failed = (code: string) => Object.assign(new Error(code), { code });

it.each([
  ['ER_LOCK_DEADLOCK', 12, true],
  ['ER_DUP_ENTRY', 1, false],
])(
  'tries what ends in %s %i times, and tells whether the database is away',
  async (code, times, away) => {
    let begun = 0;
    const work = () => {
      begun += 1;
      return Promise.reject(new Error('Failed query', { cause: failed(code) }));
    };
    const error: unknown = await inTransaction(database, work).catch((thrown: unknown) => thrown);
    expect([begun, isDatabaseAway(error)]).toEqual([times, away]);
  },
);

it.each([
  ['a connection that is gone', Object.assign(new Error('closed'), { fatal: true }), true],
  ['a node without the others', failed('ER_UNKNOWN_COM_ERROR'), true],
  ['a column that is not there', failed('ER_BAD_FIELD_ERROR'), false],
])('knows whether %s means that the database is away', (_, error, away) => {
  expect(isDatabaseAway(new Error('Failed query', { cause: error }))).toBe(away);
});

it('says why the work failed, not that it could not be taken back', async () => {
  const broken = {
    transaction: async (work: (change: unknown) => Promise<unknown>) => {
      await work({}).catch(() => {});
      throw failed('ER_ROLLBACK');
    },
  } as unknown as Database;
  const work = () => Promise.reject(failed('ER_OF_THE_WORK'));
  await expect(inTransaction(broken, work)).rejects.toMatchObject({ code: 'ER_OF_THE_WORK' });
});

it('takes no lease that another holds, though a statement was tried anew', async () => {
  // A statement whose first try failed gives a row for each try.
  let holder = '';
  const twice = {
    execute: (statement: { queryChunks: unknown[] }) => {
      holder = String(statement.queryChunks.find((chunk) => /^[0-9a-f-]{36}$/.test(String(chunk))));
      return Promise.resolve([[{ holder }, { holder: 'somebody else' }]]);
    },
  } as unknown as Database;
  expect(await takeLease(twice, { kind: 'file', subject: 'f' })).toBeNull();
  expect(holder).toMatch(/^[0-9a-f-]{36}$/);
});

it.each([
  ['a statement of the work', 2, null],
  ['what keeps it', 1, 'ECONNRESET'],
])('begins anew, once, when the connection was lost over %s', async (_, times, thrown) => {
  let begun = 0;
  const lost = failed('ECONNRESET');
  const cut = {
    transaction: async (work: (change: unknown) => Promise<unknown>) => {
      await work({});
      throw lost;
    },
  } as unknown as Database;
  const work = () => {
    begun += 1;
    return times === 2 ? Promise.reject(lost) : Promise.resolve();
  };
  const error: unknown = await inTransaction(cut, work).catch((each: unknown) => each);
  expect(begun).toBe(times);
  expect(error).toMatchObject({ code: thrown ?? 'ECONNRESET' });
});
