import { createConnection } from 'mysql2/promise';
import type { BringInStep, SourceDetail, Underway } from '../../contract';
import { startServer, TestPerson, type TestServer } from '../testing';

let server: TestServer;
let beside: TestServer;
let maren: TestPerson;
/** the same person before the other server */
let there: TestPerson;

const env = {
  STAND_MARK_UPLOADS_AT_ONCE: '8',
  STAND_MARK_BRING_INS_AT_ONCE: '8',
  STAND_MARK_FILE_PROCESSES_OF_PERSON: '3',
};
const rounds = Array.from({ length: 10 }, (_, round) => round);

beforeAll(async () => {
  server = await startServer({ env });
  beside = await startServer({ beside: server, env });
  maren = await TestPerson.signedUp(server.origin, 'maren');
  there = maren.before(beside.origin);
});

afterAll(async () => {
  await beside.stop();
  await server.stop();
});

const csv = (...rows: string[]) => ['Day,Route,Fares', ...rows].join('\n');
const first = csv('2026-01-05,North,1', '2026-01-05,South,2');

async function rowsOf(id: number): Promise<string[]> {
  const { body } = await maren.send<string>('GET', `/sources/${id}/rows.json`);
  return (JSON.parse(body) as object[]).map((row) => Object.values(row).join(' ')).sort();
}

const last = (steps: BringInStep[]) => steps.at(-1) as BringInStep;

it('keeps the rows of all who append at the same time, here or at another server', async () => {
  for (const round of rounds) {
    const id = await maren.source(first);
    const people = round % 2 === 0 ? [maren, maren, maren] : [maren, there, there];
    const ends = await Promise.all(
      people.map((who, place) =>
        who.bringIn(csv(`2026-02-0${place + 1},East,${place}`), { sourceId: id, mode: 'append' }),
      ),
    );
    expect(ends.map(last)).toEqual(people.map(() => ({ kind: 'done', sourceId: id })));
    expect(await rowsOf(id)).toEqual([
      '2026-01-05 North 1',
      '2026-01-05 South 2',
      '2026-02-01 East 0',
      '2026-02-02 East 1',
      '2026-02-03 East 2',
    ]);
  }
});

it('keeps the updates of all who update different keys at the same time', async () => {
  for (const round of rounds) {
    const id = await maren.source(first);
    const update = { sourceId: id, mode: 'update' as const, keys: ['Day', 'Route'] };
    const ends = await Promise.all([
      maren.bringIn(csv('2026-01-05,North,10'), update),
      (round % 2 === 0 ? maren : there).bringIn(csv('2026-01-05,South,20'), update),
    ]);
    expect(ends.map((steps) => last(steps).kind)).toEqual(['done', 'done']);
    expect(await rowsOf(id)).toEqual(['2026-01-05 North 10', '2026-01-05 South 20']);
  }
});

/** The version that a source stands on. */
async function standing(id: number): Promise<number> {
  const { body } = await maren.send<SourceDetail>('GET', `/sources/${id}`);
  return body.versions.find(({ current }) => current)?.id ?? 0;
}

it('saves no typed table over rows that came in meanwhile, unless that is meant', async () => {
  for (const round of rounds) {
    const id = await maren.source(first);
    const opened = { builtOn: await standing(id), added: 0, removed: 0, changed: 0 };
    const append = { sourceId: id, mode: 'append' as const };
    await (round % 2 === 0 ? maren : there).bringIn(csv('2026-02-01,East,3'), append);
    const typed = csv('2026-01-05,North,7');
    const correct = { sourceId: id, mode: 'correct' as const };
    expect(last(await maren.bringIn(typed, { ...correct, announced: opened }))).toMatchObject({
      kind: 'problem',
      code: 'changed-meanwhile',
    });
    expect(await rowsOf(id)).toHaveLength(3);
    expect(last(await maren.bringIn(typed, correct)).kind).toBe('done');
    expect(await rowsOf(id)).toEqual(['2026-01-05 North 7']);
  }
});

it('lets one of two replacements at the same time stand whole, and tells the other', async () => {
  for (const round of rounds) {
    const id = await maren.source(first);
    const ends = await Promise.all([
      maren.bringIn(csv('2026-03-01,East,1'), { sourceId: id }),
      (round % 2 === 0 ? maren : there).bringIn(csv('2026-03-02,West,2'), { sourceId: id }),
    ]);
    const kinds = ends.map((steps) => last(steps).kind);
    const rows = await rowsOf(id);
    expect(rows).toHaveLength(1);
    const winner = rows[0]?.includes('East') ? 0 : 1;
    expect(kinds[winner]).toBe('done');
    // Both may have come one after the other; then the later one stands.
    if (kinds[1 - winner] !== 'done')
      expect(last(ends[1 - winner] as BringInStep[])).toMatchObject({ code: 'changed-meanwhile' });
  }
});

it('changes what was announced, or announces anew when others have changed the rows meanwhile', async () => {
  const id = await maren.source(first);
  const more = csv('2026-01-05,North,5', '2026-01-06,North,6');
  const update = { sourceId: id, mode: 'update' as const, keys: ['Day', 'Route'] };
  const announce = async () => {
    const uploadId = await maren.upload(more);
    const { body } = await maren.steps(`/uploads/${uploadId}/compare`, { ...update, form: {} });
    const { changes } = last(body) as Extract<BringInStep, { kind: 'compared' }>;
    const { builtOn, added, removed, changed } = changes;
    return {
      builtOn,
      added: added.count,
      removed: removed.count,
      changed: changed.count,
    };
  };
  const announced = await announce();
  expect(announced).toMatchObject({ added: 1, removed: 0, changed: 1 });
  // What comes in between and touches nothing of it changes nothing that was said.
  await there.bringIn(csv('2026-04-01,East,3'), { sourceId: id, mode: 'append' });
  const keys = { ...update, announced };
  expect(last(await maren.bringIn(more, keys)).kind).toBe('done');
  expect(await rowsOf(id)).toHaveLength(4);
  // Now the rows are there already: nothing is added, which was not what was announced.
  expect(last(await maren.bringIn(more, keys))).toMatchObject({ code: 'changed-meanwhile' });
  expect(await announce()).toMatchObject({ added: 0, changed: 0 });
});

it('reads a file whole while its owner sends so many others that it would be forgotten', async () => {
  const rows = Array.from({ length: 80_000 }, (_, row) => `2026-01-05,R${row % 7},${row}`);
  for (const round of rounds.slice(0, 4)) {
    const id = await maren.source(csv('2026-01-05,North,300'));
    const uploadId = await maren.upload(csv(rows.join('\n')), `long${round}.csv`);
    // Not understood before: it is read twice on its way in.
    const bringing = maren.steps(`/uploads/${uploadId}/bring-in`, { sourceId: id, form: {} });
    for (let small = 0; small < 8; small += 1) await maren.upload(first, `small${small}.csv`);
    expect(last((await bringing).body)).toEqual({ kind: 'done', sourceId: id });
    const { body } = await maren.send<SourceDetail>('GET', `/sources/${id}`);
    expect(body.rows).toBe(80_000);
  }
});

it('brings one file in once, though two servers are asked at the same time', async () => {
  for (const round of rounds) {
    const uploadId = await maren.upload(first, `once${round}.csv`);
    const path = `/uploads/${uploadId}/bring-in`;
    const target = { name: `Once ${round}`, form: {} };
    const answers = await Promise.all([
      maren.send('POST', path, target),
      there.send('POST', path, target),
    ]);
    const { body } = await maren.send<{ name: string }[]>('GET', '/sources');
    const made = body.filter(({ name }) => name === target.name).length;
    // The second is refused, unless it comes when the first is done with.
    const taken = answers.filter(({ status }) => status === 200).length;
    expect([taken, made]).toEqual([taken, taken]);
    expect(answers.every(({ status }) => status === 200 || status === 409)).toBe(true);
  }
});

it('stores nothing of a file of which a part is gone', async () => {
  const id = await maren.source(first);
  const rows = Array.from({ length: 120_000 }, (_, row) => `2026-01-05,Route ${row % 7},${row}`);
  const uploadId = await maren.upload(csv(rows.join('\n')), 'torn.csv');
  const connection = await createConnection(server.databaseUrl);
  await connection.query('DELETE FROM upload_parts WHERE upload_id = ? AND place = 1', [uploadId]);
  await connection.end();
  const { body } = await maren.steps(`/uploads/${uploadId}/bring-in`, { sourceId: id, form: {} });
  expect(last(body)).toMatchObject({ kind: 'problem', code: 'upload-gone' });
  expect(await rowsOf(id)).toHaveLength(2);
});

it('names the version that each version was built on', async () => {
  const id = await maren.source(first);
  await maren.bringIn(csv('2026-02-01,East,3'), { sourceId: id, mode: 'append' });
  const connection = await createConnection(server.databaseUrl);
  const [found] = await connection.query(
    'SELECT id, built_on AS builtOn FROM source_versions WHERE source_id = ? ORDER BY id',
    [id],
  );
  await connection.end();
  const [one, two] = found as { id: number; builtOn: number | null }[];
  expect([one?.builtOn, two?.builtOn]).toEqual([null, one?.id]);
});

it('says of a delivery whose server was killed that it was cut off', async () => {
  const short = await startServer({ beside: server, env: { STAND_MARK_LEASE_SECONDS: '3' } });
  const who = maren.before(short.origin);
  const rows = Array.from({ length: 200_000 }, (_, row) => `2026-01-05,R,${row}`);
  const uploadId = await who.upload(csv(rows.join('\n')), 'cut.csv');
  void who.steps(`/uploads/${uploadId}/bring-in`, { name: 'Cut', form: {} }).catch(() => {});
  const told = async () => {
    const { body } = await maren.send<Underway[]>('GET', '/deliveries');
    return body.find((each) => each.uploadId === uploadId);
  };
  for (let i = 0; i < 100 && !(await told()); i += 1)
    await new Promise((done) => setTimeout(done, 20));
  await short.kill();
  for (let i = 0; i < 400 && (await told())?.state === 'running'; i += 1)
    await new Promise((done) => setTimeout(done, 50));
  expect(await told()).toMatchObject({
    state: 'failed',
    sentence: expect.stringContaining('server ended') as string,
  });
});
