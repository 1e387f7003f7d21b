import type { Audit } from '../../contract';
import {
  startMailbox,
  startServer,
  type TestMailbox,
  TestPerson,
  type TestServer,
} from '../testing';

let server: TestServer;
let mailbox: TestMailbox;
let auditor: TestPerson;
let maren: TestPerson;
const password = 'long enough to be one';

beforeAll(async () => {
  mailbox = await startMailbox();
  const env = {
    ...mailbox.env,
    STAND_MARK_AUDITORS: ' Audit@isles.example',
  };
  server = await startServer({ env });
  auditor = await TestPerson.signedUp(server.origin, 'audit');
  maren = await TestPerson.signedUp(server.origin, 'maren');
});

afterAll(async () => {
  await server.stop();
  mailbox.stop();
});

const read = async (question = '') => (await auditor.send<Audit>('GET', `/audit?${question}`)).body;

/** What was written down, in short, the first first. */
const told = ({ entries }: Audit) =>
  entries
    .map(({ act, outcome, thing, about }) => [act, outcome, thing, about].filter(Boolean).join(' '))
    .reverse();

const of = (name: string) => `email=${name}@isles.example`;

it('writes down who got in and who did not, and what was done with keys', async () => {
  const nobody = new TestPerson(server.origin);
  const account = { email: 'maren@isles.example', password };
  await nobody.send('POST', '/session', { ...account, password: 'a guess' });
  await nobody.send('POST', '/password-resets', { email: account.email });
  const token = await mailbox.token(account.email, /new password/);
  const chosen = { token, password: 'a lantern under the pier' };
  await nobody.send('PUT', '/password-resets', chosen);
  await nobody.send('POST', '/session', { ...account, password: chosen.password });
  maren = nobody;
  await maren.send('PUT', '/account/password', { current: 'a guess', password });
  await maren.send('PUT', '/account/password', { current: chosen.password, password });
  const all = await read(of('maren'));
  expect(told(all)).toEqual([
    'sign-up done',
    'sign-in done',
    'sign-in-failed done',
    'reset-asked done',
    'reset done',
    'sign-in done',
    'password refused',
    'password done',
  ]);
  expect(all.entries.every(({ address, at }) => address === '127.0.0.1' && at)).toBe(true);
});

it('writes down what is shared, removed, brought back and taken out, by the thing it is done to', async () => {
  const sourceId = await maren.source('Day,Fares\n2026-01-05,1\n');
  const { dashboardId, chartId } = await maren.board(sourceId);
  const board = `/dashboards/${dashboardId}`;
  await maren.send('PUT', `${board}/people`, { email: 'ivo@isles.example', role: 'reader' });
  await maren.send('DELETE', `${board}/people`, { email: 'ivo@isles.example' });
  const link = await maren.link(dashboardId);
  await maren.send('DELETE', `${board}/links/${link.id}`);
  await maren.send('GET', `/sources/${sourceId}/rows.csv`);
  await maren.send('GET', `/charts/${chartId}/written`);
  await maren.send('DELETE', board);
  await maren.send('POST', `${board}/restore`);
  const stranger = await TestPerson.signedUp(server.origin, 'stranger');
  await stranger.send('DELETE', board);
  await new TestPerson(server.origin).send('DELETE', board);
  expect(told(await read(`thing=dashboard ${dashboardId}`))).toEqual([
    'sharing done dashboard 1 ivo@isles.example, reader',
    'sharing-ended done dashboard 1 ivo@isles.example',
    'link done dashboard 1',
    `link-removed done dashboard 1 link ${link.id}`,
    'removal done dashboard 1',
    'restore done dashboard 1',
    'removal refused dashboard 1',
  ]);
  expect(told(await read(`act=file-out&${of('maren')}`))).toEqual([
    `file-out done source ${sourceId} csv`,
    `file-out done chart ${chartId}`,
  ]);
});

it('finds by time, goes on page by page, and says who has read', async () => {
  const today = new Date().toISOString().slice(0, 10);
  expect(
    (await read(`${of('maren')}&from=${today}&until=${today}`)).entries.length,
  ).toBeGreaterThan(8);
  expect((await read('until=2026-01-01')).entries).toEqual([]);
  expect((await read('from=2999-01-01')).entries).toEqual([]);
  const wrong = await auditor.send('GET', '/audit?from=yesterday');
  expect(wrong.body).toMatchObject({ status: 422, fields: [{ field: 'from' }] });
  for (let tried = 0; tried < 110; tried += 1) await read(`from=${today}`);
  const first = await read('act=audit-read');
  expect([first.entries.length, first.next]).toEqual([100, first.entries[99]?.id]);
  const second = await read(`act=audit-read&before=${first.next}`);
  expect(second.next).toBeNull();
  expect(Math.max(...second.entries.map(({ id }) => id))).toBeLessThan(first.next ?? 0);
  expect(first.entries[0]).toMatchObject({ email: 'audit@isles.example', about: 'act audit-read' });
});

it('is read by nobody whom the settings do not name', async () => {
  expect((await maren.send('GET', '/audit')).status).toBe(403);
});
