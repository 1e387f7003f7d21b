import { connect, type Socket } from 'node:net';
import { startServer, TestPerson, type TestServer } from '../testing';

let server: TestServer;
let maren: TestPerson;
let ivo: TestPerson;

/** What all people share, as little of it as there can be. */
const env = {
  STAND_MARK_SOCKETS: '40',
  STAND_MARK_PASSWORDS_AT_ONCE: '1',
  STAND_MARK_PASSWORDS_WAITING: '2',
  STAND_MARK_FIGURES_AT_ONCE: '1',
  STAND_MARK_FIGURES_WAITING: '2',
  STAND_MARK_REQUESTS_AT_ONCE: '30',
  STAND_MARK_STREAMS_AT_ONCE: '30',
};

beforeAll(async () => {
  server = await startServer({ env });
  maren = await TestPerson.signedUp(server.origin, 'maren');
  ivo = await TestPerson.signedUp(server.origin, 'ivo');
});

afterAll(() => server.stop());

const statusesOf = (answers: { status: number }[]) => answers.map(({ status }) => status);

it('checks as many passwords as there are seats and places to wait, and refuses the next', async () => {
  const signIn = (place: number) =>
    maren.send('POST', '/session', { email: `nobody${place}@isles.example`, password: 'wrong' });
  const statuses = statusesOf(await Promise.all([0, 1, 2, 3, 4, 5, 6, 7].map(signIn)));
  const checked = statuses.filter((status) => status !== 429).length;
  // Whoever comes while the first is done with already finds a place again.
  expect(checked).toBeGreaterThanOrEqual(3);
  expect(statuses).toContain(429);
  expect((await signIn(9)).status).not.toBe(429);
});

it('aggregates for one person as much as there are seats and places to wait, and no more', async () => {
  const rows = Array.from({ length: 30_000 }, (_, row) => `2026-01-05,${row}`).join('\n');
  const id = await maren.source(`Day,Fares\n${rows}`);
  const { definition, chartId } = await maren.board(id);
  const grains = ['day', 'week', 'month', 'quarter', 'year'] as const;
  const ask = (grain: (typeof grains)[number], aggregate: string) => {
    const series = definition.series.map((each) => ({
      ...each,
      figures: { ...each.figures, aggregate },
    }));
    return maren.send('POST', `/charts/${chartId}/frames`, {
      definition: { ...definition, grain, series },
    });
  };
  const asked = grains.flatMap((grain) => ['sum', 'mean'].map((word) => ask(grain, word)));
  const statuses = statusesOf(await Promise.all(asked));
  expect(statuses.filter((status) => status === 200).length).toBeGreaterThanOrEqual(3);
  expect(statuses).toContain(429);
  expect((await ask('day', 'median')).status).toBe(200);
});

it('closes the socket that is one too many, and takes others when there is room again', async () => {
  const { port, hostname } = new URL(server.origin);
  const open = (): Promise<Socket | null> =>
    new Promise((resolve) => {
      const socket = connect(Number(port), hostname);
      socket.on('error', () => resolve(null));
      socket.once('close', () => resolve(null));
      socket.once('connect', () => setTimeout(() => resolve(socket), 300));
    });
  const sockets = await Promise.all(Array.from({ length: 41 }, open));
  const held = sockets.filter((socket) => socket && !socket.destroyed);
  expect(held.length).toBeLessThanOrEqual(40);
  expect(held.length).toBeGreaterThanOrEqual(20);
  held.forEach((socket) => socket?.destroy());
  const answered = async (): Promise<number> => {
    for (;;) {
      const answer = await ivo.send('GET', '/dashboards').catch(() => null);
      if (answer) return answer.status;
    }
  };
  expect(await answered()).toBe(200);
});
