import { createConnection } from 'mysql2/promise';
import type { Belongings, ChartFrames, Dashboard, SourceDetail } from '../../contract';
import {
  startMailbox,
  startServer,
  type TestMailbox,
  TestPerson,
  type TestServer,
} from '../testing';

let server: TestServer;
/** clears away what is left, and brings nothing in: on a busy machine a lease of a second is lost */
let sweeper: TestServer;
let mailbox: TestMailbox;
const password = 'long enough to be one';
const csv = 'Day,Fares\n2026-01-05,1\n';

beforeAll(async () => {
  mailbox = await startMailbox();
  server = await startServer({
    env: {
      ...mailbox.env,
      STAND_MARK_DASHBOARDS_OF_PERSON: '2',
      STAND_MARK_AUDITORS: 'reader-a@isles.example',
    },
  });
  sweeper = await startServer({ beside: server, env: { STAND_MARK_LEASE_SECONDS: '1' } });
});

afterAll(async () => {
  await sweeper.stop();
  await server.stop();
  mailbox.stop();
});

async function query(sql: string, values: unknown[] = []) {
  const connection = await createConnection(server.databaseUrl);
  const [rows] = await connection.query(sql, values);
  await connection.end();
  return rows as Record<string, unknown>[];
}

/** Somebody who owns a dashboard with a chart and a source, shared with a reader who has noted something. */
async function ownerAndReader(letter: string) {
  const owner = await TestPerson.signedUp(server.origin, `owner-${letter}`);
  const reader = await TestPerson.signedUp(server.origin, `reader-${letter}`);
  const sourceId = await owner.source(csv);
  const board = await owner.board(sourceId);
  await owner.share(board.dashboardId, 'editor', { name: `reader-${letter}`, person: reader });
  const belongings = (await owner.send<Belongings>('GET', '/account/belongings')).body;
  return { owner, reader, sourceId, ...board, belongings };
}

const leave = (person: TestPerson, heirId: number | null, current = password) =>
  person.send('DELETE', '/account', { current, heirId });

it('hands all over to whom it is shared with, who goes on where the owner was', async () => {
  const { owner, reader, sourceId, dashboardId, chartId, belongings } = await ownerAndReader('a');
  expect(belongings).toMatchObject({
    dashboards: [{ id: dashboardId, title: 'Board' }],
    sources: [{ id: sourceId, title: 'Figures' }],
    othersCharts: 0,
    heirs: [{ email: 'reader-a@isles.example' }],
  });
  const noted = { day: '2026-01-05', series: null, text: 'Storm', colour: 'plum' };
  await owner.send('POST', `/charts/${chartId}/notes`, noted);
  expect((await leave(owner, belongings.heirs[0]?.id ?? 0, 'not this one')).status).toBe(422);
  expect((await leave(owner, belongings.heirs[0]?.id ?? 0)).status).toBe(200);
  expect((await owner.send('GET', '/account')).status).toBe(401);
  const board = (await reader.send<Dashboard>('GET', `/dashboards/${dashboardId}`)).body;
  expect([board.role, board.notes.map(({ author }) => author)]).toEqual([
    'owner',
    ['Somebody who has left'],
  ]);
  expect((await reader.send('POST', `/dashboards/${dashboardId}/links`)).status).toBe(201);
  expect((await reader.send<SourceDetail>('GET', `/sources/${sourceId}`)).body.own).toBe(true);
  expect((await reader.send<ChartFrames>('GET', `/charts/${chartId}/frames`)).status).toBe(200);
  const { text } = await mailbox.waitFor('owner-a@isles.example', 'was deleted');
  expect(text).toContain('was handed over to reader-a@isles.example');
  // Whoever comes by the address comes as somebody else.
  const again = await TestPerson.signedUp(server.origin, 'owner-a');
  expect((await again.send('GET', `/dashboards/${dashboardId}`)).status).toBe(404);
  const { body } = await reader.send<{ entries: { about: string }[] }>(
    'GET',
    '/audit?email=owner-a@isles.example&act=leaving',
  );
  expect(body.entries.map(({ about }) => about)).toEqual([
    'What it owned was handed over to reader-a@isles.example.',
  ]);
});

it('deletes all that nobody takes over, with its rows, and says before whom it is missed by', async () => {
  const { owner, reader, sourceId, dashboardId, definition } = await ownerAndReader('b');
  const { body: mine } = await reader.send<{ id: number }>('POST', '/dashboards', {
    title: 'Mine',
    zone: 'UTC',
  });
  // There the other is an editor, and draws from a source of their own.
  await reader.share(mine.id, 'editor', { name: 'owner-b', person: owner });
  const drawn = await owner.send<{ id: number }>('POST', `/dashboards/${mine.id}/charts`, {
    definition,
  });
  expect(drawn.status).toBe(201);
  const { body } = await owner.send<Belongings>('GET', '/account/belongings');
  expect(body.othersCharts).toBe(1);
  expect((await leave(owner, null)).status).toBe(200);
  expect((await reader.send('GET', `/dashboards/${dashboardId}`)).status).toBe(404);
  // A chart of somebody else that draws from it says so, and breaks nothing.
  const shown = await reader.send('GET', `/charts/${drawn.body.id}/frames`);
  expect([shown.status, shown.body]).toMatchObject([200, { problems: [{ code: 'source-gone' }] }]);
  expect((await reader.send('GET', `/dashboards/${mine.id}`)).status).toBe(200);
  const left = async () => {
    const [row] = await query(
      `SELECT (SELECT COUNT(*) FROM sources WHERE id = ?) + (SELECT COUNT(*) FROM source_versions
       WHERE source_id = ?) + (SELECT COUNT(*) FROM uploads JOIN people ON people.id = owner_id
       WHERE email LIKE 'left %') AS number`,
      [sourceId, sourceId],
    );
    return Number(row?.number);
  };
  for (let waited = 0; (await left()) > 0 && waited < 400; waited += 1)
    await new Promise((done) => setTimeout(done, 50));
  expect(await left()).toBe(0);
  const [row] = await query(
    'SELECT COUNT(*) AS number FROM version_parts WHERE version_id NOT IN (SELECT id FROM source_versions)',
  );
  expect(Number(row?.number)).toBe(0);
  expect((await mailbox.waitFor('owner-b@isles.example', 'was deleted')).text).toContain(
    'What it owned was deleted with it.',
  );
});

it('hands over to nobody whom nothing is shared with, nor to whom has no room', async () => {
  const { owner, reader, dashboardId, belongings } = await ownerAndReader('c');
  const stranger = await TestPerson.signedUp(server.origin, 'stranger');
  const { person } = (await stranger.send<{ person: { id: number } }>('GET', '/account')).body;
  expect((await leave(owner, person.id)).status).toBe(404);
  for (const title of ['One', 'Two'])
    await reader.send('POST', '/dashboards', { title, zone: 'UTC' });
  const refused = await leave(owner, belongings.heirs[0]?.id ?? 0);
  expect(refused.body).toMatchObject({ code: 'quota' });
  // Nothing of it was done.
  const { body } = await owner.send<Dashboard>('GET', `/dashboards/${dashboardId}`);
  expect([body.role, body.charts.length]).toEqual(['owner', 1]);
});
