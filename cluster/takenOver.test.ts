import type { BringInStep, SourceDetail, Underway } from '../contract';
import { startServer, TestPerson, type TestServer } from '../server/testing';
import { allTogether, goTheSameWay, until, wide } from './ground';

const env = { ...wide, STAND_MARK_LEASE_SECONDS: '5' };

let there: TestServer;

beforeAll(async () => {
  goTheSameWay();
  await allTogether();
  there = await startServer({ env });
});

afterAll(() => there.stop());

it('takes over what a server has left that was killed in a delivery', async () => {
  const here = await startServer({ beside: there, env });
  const maren = await TestPerson.signedUp(here.origin, 'maren');
  const marenThere = maren.before(there.origin);
  const sourceId = await maren.source('Day,Route,Fares\n2026-01-05,North,1\n');
  const rows = Array.from({ length: 300_000 }, (_, row) => `2026-01-05,R,${row}`);
  const uploadId = await maren.upload(['Day,Route,Fares', ...rows].join('\n'), 'long.csv');
  const path = `/uploads/${uploadId}/bring-in`;
  void maren.steps(path, { sourceId, form: {} }).catch(() => {});
  const told = async () =>
    (await marenThere.send<Underway[]>('GET', '/deliveries')).body.find(
      (each) => each.uploadId === uploadId,
    );
  await until(async () => (await told())?.state === 'running', 20);
  const again = () => marenThere.steps(path, { sourceId, form: {} });
  // While its server runs, nobody else brings it in.
  expect((await again()).status).toBe(409);
  await here.kill();
  await until(async () => (await told())?.state === 'failed', 20);
  const last = (await again()).body.at(-1) as BringInStep;
  expect(last).toEqual({ kind: 'done', sourceId });
  const { body } = await marenThere.send<SourceDetail>('GET', `/sources/${sourceId}`);
  expect(body.rows).toBe(300_000);
});
