import type { Dashboard, Note, Sharing } from '../../contract';
import { startServer, TestPerson, type TestServer } from '../testing';

let server: TestServer;
let [owner, reader, stranger]: TestPerson[] = [];
let board: Awaited<ReturnType<TestPerson['board']>>;

beforeAll(async () => {
  server = await startServer();
  [owner, reader, stranger] = await Promise.all(
    ['maren', 'ivo', 'odd'].map((name) => TestPerson.signedUp(server.origin, name)),
  );
  board = await as(owner).board(await as(owner).source('Day,Fares\n2026-01-05,1\n'));
  await as(owner).share(board.dashboardId, 'reader', { name: 'ivo', person: as(reader) });
});

afterAll(() => server.stop());

const as = (person: TestPerson | undefined): TestPerson => person as TestPerson;

const note = (text: string, day: string | null = '2026-01-05', until: string | null = null) => ({
  day,
  until,
  series: null,
  text,
  colour: 'plum',
});

const write = (person: TestPerson | undefined, body: unknown) =>
  as(person).send<Note>('POST', `/charts/${board.chartId}/notes`, body);

const letReadersNote = (readersNote: boolean, person = owner) =>
  as(person).send<Sharing>('PUT', `/dashboards/${board.dashboardId}/readers-note`, { readersNote });

const mayNote = async (person: TestPerson | undefined) =>
  (await as(person).send<Dashboard>('GET', `/dashboards/${board.dashboardId}`)).body.mayNote;

it('lets readers write notes and change their own, where the owner lets them, and no others', async () => {
  expect((await write(reader, note('too early'))).status).toBe(403);
  expect(await mayNote(reader)).toBe(false);
  expect((await letReadersNote(true, reader)).status).toBe(403);
  expect((await letReadersNote(true)).body.readersNote).toBe(true);
  expect(await mayNote(reader)).toBe(true);
  const { body: mine } = await write(reader, note('mine'));
  const { body: theirs } = await write(owner, note('theirs'));
  const change = (person: TestPerson | undefined, { id, revision }: Note) =>
    as(person).send('PUT', `/notes/${id}`, { ...note('changed'), revision });
  expect((await change(reader, mine)).status).toBe(200);
  expect((await change(reader, theirs)).status).toBe(403);
  expect((await as(reader).send('DELETE', `/notes/${theirs.id}`)).status).toBe(403);
  expect((await as(reader).send('DELETE', `/notes/${mine.id}`)).status).toBe(200);
  expect((await as(reader).send('POST', `/notes/${mine.id}/restore`)).status).toBe(200);
  expect((await write(stranger, note('nobody’s'))).status).toBe(404);
  await letReadersNote(false);
  expect((await as(reader).send('DELETE', `/notes/${mine.id}`)).status).toBe(403);
  // Editors change everybody's.
  expect((await as(owner).send('DELETE', `/notes/${mine.id}`)).status).toBe(200);
});

it('lets nobody write by a link', async () => {
  await letReadersNote(true);
  const { token } = await as(owner).link(board.dashboardId);
  const nobody = new TestPerson(server.origin);
  const shared = await nobody.send<Dashboard>('GET', `/links/${token}`);
  expect([shared.status, shared.body.mayNote]).toEqual([200, false]);
  expect((await write(nobody, note('hello'))).status).toBe(401);
});

it.each([
  ['of the whole chart', null, null, 201],
  ['on a stretch of dates', '2026-01-05', '2026-02-01', 201],
  ['that ends before it begins', '2026-01-05', '2026-01-04', 422],
  ['of the whole chart with a last day', null, '2026-01-04', 422],
  ['on a day that the calendar has not', '2026-02-30', null, 422],
])('takes a note %s, or says what is wrong', async (_what, day, until, status) => {
  expect((await write(owner, note('note', day, until))).status).toBe(status);
});
