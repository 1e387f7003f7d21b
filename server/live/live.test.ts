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
}, 60_000);

afterAll(() => server.stop());

const open = async (who: TestPerson | null, dashboard = board.dashboardId) => {
  const leave = new AbortController();
  const response = await fetch(`${server.origin}/api/dashboards/${dashboard}/changes`, {
    headers: { cookie: who?.cookie ?? '' },
    signal: leave.signal,
  });
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
}, 30_000);

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
}, 30_000);
