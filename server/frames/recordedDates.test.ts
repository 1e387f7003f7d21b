import type { ChartFrames, Dashboard } from '../../contract';
import { startServer, TestPerson, type TestServer } from '../testing';

let server: TestServer;
let maren: TestPerson;
let board: Awaited<ReturnType<TestPerson['board']>>;
let log: number;

beforeAll(async () => {
  server = await startServer();
  maren = await TestPerson.signedUp(server.origin, 'maren');
  board = await maren.board(await maren.source('Day,Fares\n2026-01-05,1\n'));
  const rows = ['2026-02-01,Quay,7', '2026-01-05,Storm,8', ',Undated,9', '2026-02-01,Again,1'];
  log = await maren.source(['On,What,Force', ...rows].join('\n'), 'Log');
});

afterAll(() => server.stop());

/** What the chart is sent with one yardstick over some columns. */
async function recorded(yardstick: { sourceId: number | null; date: string; label: string }) {
  const path = `/dashboards/${board.dashboardId}/charts`;
  const made = await maren.send<{ id: number }>('POST', path, {
    definition: {
      ...board.definition,
      yardsticks: [{ id: 'log', kind: 'recorded', name: 'Log', ...yardstick }],
    },
  });
  if (made.status !== 201) return made.status;
  const { body } = await maren.send<ChartFrames>('GET', `/charts/${made.body.id}/frames`);
  return body.recorded?.log?.map(({ name }) => name);
}

it('takes each date once, in order, with the name that its first row gives it', async () => {
  expect(await recorded({ sourceId: log, date: 'On', label: 'What' })).toEqual(['Storm', 'Quay']);
  expect(await recorded({ sourceId: log, date: 'On', label: 'Force' })).toEqual(['8', '7']);
  expect(await recorded({ sourceId: log, date: 'On', label: '' })).toEqual(['', '']);
});

it('takes nothing of a column that holds no dates, is gone, or of no source', async () => {
  expect(await recorded({ sourceId: log, date: 'What', label: '' })).toEqual([]);
  expect(await recorded({ sourceId: log, date: 'Gone', label: 'Gone' })).toEqual([]);
  expect(await recorded({ sourceId: null, date: '', label: '' })).toBeUndefined();
});

it('takes none of a source that is somebody else’s, and tells readers of no column', async () => {
  const ivo = await TestPerson.signedUp(server.origin, 'ivo');
  const theirs = await ivo.source('Day,Secret\n2026-01-05,1\n');
  expect(await recorded({ sourceId: theirs, date: 'Day', label: 'Secret' })).toBe(404);
  const { body } = await maren.send<Dashboard>('GET', `/dashboards/${board.dashboardId}`);
  expect(JSON.stringify(body.charts)).not.toContain('What');
});
