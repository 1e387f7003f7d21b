import type { Dashboard } from '../../contract';
import { startServer, TestPerson, type TestServer } from '../testing';

let server: TestServer;
let maren: TestPerson;
let ivo: TestPerson;
let board: { dashboardId: number; chartId: number };

beforeAll(async () => {
  server = await startServer({ env: { STAND_MARK_LIVE_STREAMS: '2' } });
  maren = await TestPerson.signedUp(server.origin, 'maren');
  ivo = await TestPerson.signedUp(server.origin, 'ivo');
  board = await maren.board(await maren.source('Day,Fares\n2026-01-05,1\n'));
});

afterAll(() => server.stop());

const open = (who: TestPerson | null, dashboard = board.dashboardId) =>
  openAt(`${server.origin}/api/dashboards/${dashboard}/changes`, who?.cookie ?? '');

const openAt = async (address: string, cookie: string) => {
  const leave = new AbortController();
  const response = await fetch(address, { headers: { cookie }, signal: leave.signal });
  const reader = response.body?.getReader();
  /** What the next event says. */
  const next = async (): Promise<unknown> => {
    for (;;) {
      const part = await reader?.read();
      const text = new TextDecoder().decode(part?.value);
      const [, said] = /^data: (.*)$/m.exec(text) ?? [];
      if (said !== undefined || part?.done) return JSON.parse(said ?? 'null');
    }
  };
  return { status: response.status, next, leave: () => leave.abort() };
};

it('tells of changes to those only who may read', async () => {
  expect((await open(null)).status).toBe(401);
  expect((await open(ivo)).status).toBe(404);
  expect((await fetch(`${server.origin}/api/links/made-up/changes`)).status).toBe(404);
});

it('says that notes or charts have changed, and not what', async () => {
  const stream = await open(maren);
  const first = (await stream.next()) as { board: string; notes: string };
  const note = { day: '2026-01-05', series: null, text: 'Secret', colour: 'moss' };
  const { body } = await maren.send<{ id: number; revision: number }>(
    'POST',
    `/charts/${board.chartId}/notes`,
    note,
  );
  const written = (await stream.next()) as typeof first;
  expect(written.board).toBe(first.board);
  expect(written.notes).not.toBe(first.notes);
  expect(JSON.stringify(written)).not.toContain('Secret');
  await maren.send('DELETE', `/notes/${body.id}`);
  expect(((await stream.next()) as typeof first).notes).not.toBe(written.notes);
  stream.leave();
});

it('keeps so many streams of one person open, and takes another when one has ended', async () => {
  const held = [await open(maren), await open(maren)];
  expect((await open(maren)).status).toBe(429);
  held[0]?.leave();
  let status = 429;
  for (let i = 0; i < 100 && status === 429; i += 1) {
    await new Promise((done) => setTimeout(done, 50));
    const again = await open(maren);
    ({ status } = again);
    again.leave();
  }
  expect(status).toBe(200);
  held[1]?.leave();
});

describe('what was taken back', () => {
  let beside: TestServer;
  beforeAll(async () => {
    beside = await startServer({ beside: server, env: { STAND_MARK_LIVE_STREAMS: '9' } });
  });
  afterAll(() => beside.stop());

  const link = (token: string, origin = beside.origin) =>
    openAt(`${origin}/api/links/${token}/changes`, '');
  const boardOf = (who: TestPerson) =>
    openAt(`${beside.origin}/api/dashboards/${board.dashboardId}/changes`, who.cookie);

  it.each([
    [
      'a link',
      async () => {
        const made = await maren.link(board.dashboardId);
        const path = `/dashboards/${board.dashboardId}/links/${made.id}`;
        return { stream: await link(made.token), takeBack: () => maren.send('DELETE', path) };
      },
    ],
    [
      'access',
      async () => {
        await maren.share(board.dashboardId, 'reader', { name: 'ivo', person: ivo });
        const path = `/dashboards/${board.dashboardId}`;
        const takeBack = () =>
          maren.send('DELETE', `${path}/people`, { email: 'ivo@isles.example' });
        return { stream: await boardOf(ivo), takeBack };
      },
    ],
    [
      'a session',
      async () => {
        const wren = await TestPerson.signedUp(server.origin, 'wren');
        await maren.share(board.dashboardId, 'reader', { name: 'wren', person: wren });
        return { stream: await boardOf(wren), takeBack: () => wren.send('DELETE', '/session') };
      },
    ],
  ])('ends the streams of %s at once, at another server too', async (_, begin) => {
    const { stream, takeBack } = await begin();
    expect(stream.status).toBe(200);
    expect(await stream.next()).toMatchObject({ board: expect.any(String) as string });
    expect((await takeBack()).status).toBe(200);
    const begun = Date.now();
    expect(await stream.next()).toBeNull();
    expect(Date.now() - begun).toBeLessThan(10_000);
  });

  it('tells a link holder nothing of charts that are not laid on the dashboard, nor of their notes', async () => {
    const { token } = await maren.link(board.dashboardId);
    const stamp = async () =>
      (await maren.before(server.origin).send<Dashboard>('GET', `/links/${token}`)).body.stamp;
    const { definition } = await maren.board(await maren.source('Day,Fares\n2026-01-05,1\n'));
    const before = await stamp();
    const path = `/dashboards/${board.dashboardId}`;
    const { body } = await maren.send<{ id: number }>('POST', `${path}/charts`, { definition });
    const note = { day: '2026-01-05', series: null, text: 'Draft', colour: 'moss' };
    await maren.send('POST', `/charts/${body.id}/notes`, note);
    await maren.send('PUT', `/charts/${body.id}`, { revision: 1, definition });
    expect(await stamp()).toEqual(before);
    const own = (await maren.send<Dashboard>('GET', path)).body.stamp;
    expect(own.board).not.toBe(before.board);
    await maren.send('POST', `/charts/${board.chartId}/notes`, note);
    expect((await stamp()).notes).not.toBe(before.notes);
  });
});
