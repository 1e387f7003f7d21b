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
}, 60_000);

afterAll(() => server.stop());

const email = 'colleague@isles.example';
const give = (role: string, to = email) =>
  owner.send<Sharing & { code: string }>('PUT', `/dashboards/${id}/people`, { email: to, role });
const seen = async () => (await colleague.send<DashboardSummary[]>('GET', '/dashboards')).body;

it('shows a dashboard to a colleague from when it is shared until it is taken back', async () => {
  expect(await seen()).toEqual([]);
  await give('reader');
  expect(await seen()).toMatchObject([{ id, role: 'reader', owner: 'owner', charts: 1 }]);
  const { body } = await give('editor');
  expect(body.people.map(({ name, role }) => [name, role])).toEqual([
    ['colleague', 'editor'],
    ['owner', 'owner'],
  ]);
  expect(await seen()).toMatchObject([{ id, role: 'editor' }]);
  const who = body.people.find(({ name }) => name === 'colleague')?.id;
  await owner.send('DELETE', `/dashboards/${id}/people/${who}`);
  expect(await seen()).toEqual([]);
  expect((await colleague.send('GET', `/dashboards/${id}`)).status).toBe(404);
});

it('takes an address in any case, and keeps the owner the owner', async () => {
  expect((await give('reader', ' Colleague@Isles.Example ')).status).toBe(200);
  expect(await seen()).toHaveLength(1);
  const own = await give('reader', 'owner@isles.example');
  expect([own.status, own.body.code]).toEqual([422, 'own-role']);
  const sharing = (await owner.send<Sharing>('GET', `/dashboards/${id}/sharing`)).body;
  const self = sharing.people.find(({ role }) => role === 'owner')?.id;
  await owner.send('DELETE', `/dashboards/${id}/people/${self}`);
  expect((await owner.send('GET', `/dashboards/${id}/sharing`)).status).toBe(200);
});

it.each([
  ['nobody here', 'nobody@isles.example', 'reader', 'no-account'],
  ['no address', 'nobody', 'reader', 'invalid'],
  ['a role that is none', email, 'owner', 'invalid'],
])('refuses to share with %s', async (_, to, role, code) => {
  const answer = await give(role, to);
  expect([answer.status, answer.body.code]).toEqual([422, code]);
});

it('makes links that are each taken back alone, and that nobody can guess', async () => {
  const path = `/dashboards/${id}/links`;
  await owner.send('POST', path);
  const { body } = await owner.send<Sharing>('POST', path);
  const [second, first] = body.links;
  expect(new Set(body.links.map(({ token }) => token)).size).toBe(2);
  expect(first?.token).toMatch(/^[\w-]{32}$/);
  await owner.send('DELETE', `${path}/${first?.id}`);
  const nobody = new TestPerson(server.origin);
  expect((await nobody.send('GET', `/links/${first?.token}`)).status).toBe(404);
  expect((await nobody.send('GET', `/links/${second?.token}`)).status).toBe(200);
  expect((await nobody.send('GET', `/links/${second?.token?.toUpperCase()}`)).status).toBe(404);
});

it('closes every way to a dashboard that is removed, and opens them again', async () => {
  const { body } = await owner.send<Sharing>('POST', `/dashboards/${id}/links`);
  const link = `/links/${body.links[0]?.token}`;
  await give('editor');
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

it('refuses a second account for one address', async () => {
  const again = { email: email.toUpperCase(), name: 'Again', password: 'long enough to be one' };
  const { status, body } = await new TestPerson(server.origin).send('POST', '/people', again);
  expect([status, body.code]).toEqual([409, 'email-taken']);
});
