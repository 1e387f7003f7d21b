import { createConnection } from 'mysql2/promise';
import type { Dashboard, DashboardSummary, Sharing } from '../../contract';
import { startServer, TestPerson, type TestServer } from '../testing';

let server: TestServer;
let owner: TestPerson;
let colleague: TestPerson;
let id: number;

beforeAll(async () => {
  server = await startServer();
  owner = await TestPerson.signedUp(server.origin, 'owner');
  colleague = await TestPerson.signedUp(server.origin, 'colleague');
  ({ dashboardId: id } = await owner.board(await owner.source('Day,Fares\n2026-01-05,1\n')));
});

afterAll(() => server.stop());

const email = 'colleague@isles.example';
const give = (role: string, to = email) =>
  owner.send<Sharing & { code: string }>('PUT', `/dashboards/${id}/people`, { email: to, role });
const takeBack = (to: string) =>
  owner.send<Sharing>('DELETE', `/dashboards/${id}/people`, { email: to });
const seen = async () => (await colleague.send<DashboardSummary[]>('GET', '/dashboards')).body;

it('shows a dashboard to a colleague from when it is shared until it is taken back', async () => {
  expect(await seen()).toEqual([]);
  const given = await give('reader');
  expect(given.body.waiting.map(({ email: to, role }) => [to, role])).toEqual([[email, 'reader']]);
  expect(await seen()).toMatchObject([{ id, role: 'reader', owner: 'owner', charts: 1 }]);
  const { body } = await give('editor');
  expect(body.waiting).toEqual([]);
  expect(body.people.map(({ name, role }) => [name, role])).toEqual([
    ['colleague', 'editor'],
    ['owner', 'owner'],
  ]);
  expect(await seen()).toMatchObject([{ id, role: 'editor' }]);
  await takeBack(email);
  expect(await seen()).toEqual([]);
  expect((await colleague.send('GET', `/dashboards/${id}`)).status).toBe(404);
});

it('takes an address in any case, and keeps the owner the owner', async () => {
  expect((await give('reader', ' Colleague@Isles.Example ')).status).toBe(200);
  expect(await seen()).toHaveLength(1);
  const own = await give('reader', 'owner@isles.example');
  expect([own.status, own.body.code]).toEqual([422, 'own-role']);
  await takeBack('owner@isles.example');
  expect((await owner.send('GET', `/dashboards/${id}/sharing`)).status).toBe(200);
});

it.each([
  ['no address', 'nobody', 'reader', 'invalid'],
  ['a role that is none', email, 'owner', 'invalid'],
])('refuses to share with %s', async (_, to, role, code) => {
  const answer = await give(role, to);
  expect([answer.status, answer.body.code]).toEqual([422, code]);
});

it('tells nobody whether an address has an account, and keeps access for the account to come', async () => {
  const timed = async (to: string) => {
    const { status, body } = await give('reader', to);
    return [status, body.waiting.some(({ email: waiting }) => waiting === to)];
  };
  await TestPerson.signedUp(server.origin, 'there');
  expect(await timed('there@isles.example')).toEqual(await timed('absent@isles.example'));
  const absent = await TestPerson.signedUp(server.origin, 'absent');
  expect((await absent.send('GET', `/dashboards/${id}`)).status).toBe(200);
  const { body } = await owner.send<Sharing>('GET', `/dashboards/${id}/sharing`);
  expect(body.people.map(({ name }) => name)).toContain('absent');
  expect(body.waiting.map(({ email: to }) => to)).toEqual(['there@isles.example']);
  await takeBack('there@isles.example');
  const there = new TestPerson(server.origin);
  const account = { email: 'there@isles.example', password: 'long enough to be one' };
  await there.send('POST', '/session', account);
  expect((await there.send('GET', `/dashboards/${id}`)).status).toBe(404);
});

it('makes links that are each taken back alone, that nobody can guess, and that are told once', async () => {
  const path = `/dashboards/${id}/links`;
  const [first, second] = [await owner.link(id), await owner.link(id)];
  expect(first.token).not.toBe(second.token);
  expect(first.token).toMatch(/^[\w-]{32}$/);
  await owner.send('DELETE', `${path}/${first.id}`);
  const opens = async (token: string) =>
    (await new TestPerson(server.origin).send('GET', `/links/${token}`)).status;
  expect([await opens(first.token), await opens(second.token)]).toEqual([404, 200]);
  for (const other of [second.token.toUpperCase(), `${second.token}%20`, second.token.slice(0, -1)])
    expect(await opens(other)).toBe(404);
  const { body } = await owner.send<Sharing>('GET', `/dashboards/${id}/sharing`);
  expect(JSON.stringify(body)).not.toContain(second.token);
  const connection = await createConnection(server.databaseUrl);
  const [kept] = await connection.query('SELECT token FROM links');
  await connection.end();
  expect(JSON.stringify(kept)).not.toContain(second.token);
});

it('closes every way to a dashboard that is removed, and opens them again', async () => {
  const link = `/links/${(await owner.link(id)).token}`;
  await owner.share(id, 'editor', { name: 'colleague', person: colleague });
  const statuses = async () => [
    (await colleague.send('GET', `/dashboards/${id}`)).status,
    (await new TestPerson(server.origin).send('GET', link)).status,
  ];
  await owner.send('DELETE', `/dashboards/${id}`);
  expect(await statuses()).toEqual([404, 404]);
  expect((await colleague.send('POST', `/dashboards/${id}/restore`)).status).toBe(404);
  await owner.send('POST', `/dashboards/${id}/restore`);
  expect(await statuses()).toEqual([200, 200]);
});

it('renames once for two who rename at the same time', async () => {
  const { body: before } = await owner.send<Dashboard>('GET', `/dashboards/${id}`);
  const { revision } = before;
  const names = await Promise.all(
    ['One', 'Two'].map((title) => owner.send('PUT', `/dashboards/${id}`, { title, revision })),
  );
  expect(names.map(({ status }) => status).sort()).toEqual([200, 409]);
});

it('makes no second account for one address, and says nothing of it', async () => {
  const person = new TestPerson(server.origin);
  const account = (to: string) => ({ email: to, password: 'another that is long enough' });
  const make = (to: string) => person.send('POST', '/people', { ...account(to), name: 'Again' });
  const [taken, fresh] = [await make(email.toUpperCase()), await make('fresh@isles.example')];
  expect([taken.status, taken.body]).toEqual([fresh.status, fresh.body]);
  expect((await person.send('POST', '/session', account(email))).status).toBe(401);
  expect((await person.send('POST', '/session', account('fresh@isles.example'))).status).toBe(200);
});
