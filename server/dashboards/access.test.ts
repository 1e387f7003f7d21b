import type { Chart, ChartFrames, SourceDetail } from '../../contract';
import { startServer, TestPerson, type TestServer } from '../testing';

let server: TestServer;
let owner: TestPerson;
let ids: { d: number; c: number; s: number; token: string; link: number };
const people: Record<string, TestPerson> = {};
const csv = 'Day,Fares\n2026-01-01,1.5\n2026-02-01,2.5\n';

beforeAll(async () => {
  server = await startServer();
  owner = await TestPerson.signedUp(server.origin, 'owner');
  for (const name of ['editor', 'reader', 'stranger'])
    people[name] = await TestPerson.signedUp(server.origin, name);
  people.anonymous = new TestPerson(server.origin);
  const s = await owner.source(csv);
  const { dashboardId: d, chartId: c } = await owner.board(s);
  for (const role of ['editor', 'reader'] as const)
    await owner.share(d, role, { name: role, person: people[role] as TestPerson });
  const link = await owner.link(d);
  ids = { d, c, s, token: link.token, link: link.id };
});

afterAll(() => server.stop());

describe('a link', () => {
  const holder = () => people.anonymous as TestPerson;

  it('reads the dashboard and its figures without an account', async () => {
    const board = await holder().send<{ role: string; charts: unknown[] }>(
      'GET',
      `/links/${ids.token}`,
    );
    expect([board.status, board.body.role, board.body.charts.length]).toEqual([200, 'reader', 1]);
    const frames = await holder().send<{ frames: object }>(
      'GET',
      `/links/${ids.token}/charts/${ids.c}/frames`,
    );
    expect(Object.values(frames.body.frames)).toMatchObject([{ values: [[1.5, 2.5]] }]);
  });

  it('gives the picture and nothing beyond it: no figure, word or column from elsewhere', async () => {
    const secret = await owner.source(
      [
        'Secret day,Secret fares,Secret route',
        '2025-12-31,111,Gone',
        '2026-01-01,2,North',
        '2026-02-01,3,South',
        '2026-03-01,333,Later',
      ].join('\n'),
    );
    const { definition } = await owner.board(ids.s);
    const [series] = definition.series;
    const hidden = {
      ...definition,
      span: { kind: 'fixed', from: '2026-01-01', to: '2026-02-28' },
      standouts: [],
      series: [
        {
          ...series,
          figures: {
            kind: 'rows',
            sourceId: secret,
            date: 'Secret day',
            column: 'Secret fares',
            aggregate: 'sum',
          },
          split: { column: 'Secret route', order: ['Gone', 'South', 'North', 'Later'] },
        },
      ],
    };
    const path = `/dashboards/${ids.d}`;
    const { body: made } = await owner.send<{ id: number }>('POST', `${path}/charts`, {
      definition: hidden,
    });
    const { body: board } = await owner.send<{ revision: number }>('GET', path);
    await owner.send('PUT', `${path}/places`, {
      revision: board.revision,
      places: [{ chartId: made.id, place: { x: 0, y: 9, w: 6, h: 7 } }],
    });
    for (const [who, where] of [
      [holder(), `/links/${ids.token}`],
      [people.reader, ''],
    ] as const) {
      const shown = await who?.send('GET', where || path);
      const frames = await who?.send<ChartFrames>('GET', `${where}/charts/${made.id}/frames`);
      expect([shown?.status, frames?.status]).toEqual([200, 200]);
      expect(JSON.stringify([shown?.body, frames?.body])).not.toMatch(/Secret|111|333|Gone|Later/);
      const frame = frames?.body.frames[series?.id ?? ''];
      expect([frame?.keys, frame?.values]).toEqual([
        ['South', 'North'],
        [
          [null, 3],
          [2, null],
        ],
      ]);
      // Their colours are those they have beside the words that are not shown.
      expect(frame?.colourPlaces).toEqual([1, 2]);
    }
    await owner.bringIn('Day,Fares\n2026-01-01,1\n', { sourceId: secret });
    const { body: broken } = await holder().send<ChartFrames>(
      'GET',
      `/links/${ids.token}/charts/${made.id}/frames`,
    );
    expect(broken.problems).toHaveLength(1);
    expect(JSON.stringify(broken)).not.toContain('Secret');
    await owner.send('DELETE', `/charts/${made.id}`);
  });

  it('tells no word that a chart leaves out, has no figures of or hides, nor the column of its axis', async () => {
    const source = await owner.source(
      [
        'Salary day,Salary,Person,Depot',
        '2026-01-05,10,Anna,Quay',
        '2026-01-06,20,Bruno,Quay',
        '2026-01-07,30,Clara,Mole',
      ].join('\n'),
    );
    const figures = {
      kind: 'rows',
      sourceId: source,
      date: 'Salary day',
      column: 'Salary',
      aggregate: 'sum',
      filters: [],
    };
    const { definition } = await owner.board(ids.s);
    const [plain] = definition.series;
    const split = {
      column: 'Person',
      order: ['Anna', 'Bruno', 'Clara'],
      coloured: [],
      colourBy: null,
    };
    const words = (column: string, kept: string[], keep: boolean) => ({
      filter: { kind: 'words', column, words: kept, keep },
      rest: 'removed',
    });
    const chart = {
      ...definition,
      title: 'Pay',
      standouts: [],
      axis: { kind: 'words', column: 'Depot', order: ['Quay', 'Mole', 'Pier'] },
      filters: [words('Person', ['Clara'], false), words('Depot', ['Quay'], true)],
      series: [
        { ...plain, id: 'all', name: 'All pay', figures },
        {
          ...plain,
          id: 'each',
          name: 'Pay of each',
          figures,
          split: { ...split, top: null },
          hidden: true,
        },
      ],
    };
    const path = `/dashboards/${ids.d}`;
    const { body: made } = await owner.send<{ id: number }>('POST', `${path}/charts`, {
      definition: chart,
    });
    const { body: board } = await owner.send<{ revision: number }>('GET', path);
    await owner.send('PUT', `${path}/places`, {
      revision: board.revision,
      places: [{ chartId: made.id, place: { x: 0, y: 9, w: 6, h: 7 } }],
    });
    for (const [who, where] of [
      [holder(), `/links/${ids.token}`],
      [people.reader, ''],
    ] as const) {
      const shown = await who?.send<{ charts: { id: number }[] }>('GET', where || path);
      const frames = await who?.send<ChartFrames>('GET', `${where}/charts/${made.id}/frames`);
      const own = shown?.body.charts.find(({ id }) => id === made.id);
      expect(JSON.stringify([own, frames?.body])).not.toMatch(
        /Anna|Bruno|Clara|Person|Depot|Mole|Pier|Salary|Pay of each/,
      );
      expect(JSON.stringify([own, frames?.body])).toContain('only Quay');
      expect(Object.keys(frames?.body.frames ?? {})).toEqual(['all']);
    }
    await owner.send('DELETE', `/charts/${made.id}`);
  });

  it('sends figures again only when something has changed', async () => {
    const path = `/links/${ids.token}/charts/${ids.c}/frames`;
    const first = await holder().send('GET', path);
    const tag = first.headers.get('etag') ?? '';
    const again = await holder().send('GET', path, undefined, { 'if-none-match': tag });
    expect([again.status, again.body]).toEqual([304, '']);
    const { body: chart } = await owner.send<Chart>('GET', `/charts/${ids.c}`);
    await owner.send('PUT', `/charts/${ids.c}`, chart);
    const changed = await holder().send('GET', path, undefined, { 'if-none-match': tag });
    expect([changed.status, changed.body]).toEqual([200, first.body]);
  });

  it('opens no chart of another dashboard, nor one that is not placed', async () => {
    const other = await owner.board(ids.s);
    const path = `/links/${ids.token}/charts/${other.chartId}/frames`;
    expect((await holder().send('GET', path)).status).toBe(404);
    const { definition } = other;
    const { body } = await owner.send<{ id: number }>('POST', `/dashboards/${ids.d}/charts`, {
      definition,
    });
    expect(
      (await holder().send('GET', `/links/${ids.token}/charts/${body.id}/frames`)).status,
    ).toBe(404);
    expect((await people.reader?.send('GET', `/charts/${body.id}/frames`))?.status).toBe(404);
  });

  it('is dead once it is taken back', async () => {
    await owner.send('DELETE', `/dashboards/${ids.d}/links/${ids.link}`);
    for (const path of [`/links/${ids.token}`, `/links/${ids.token}/charts/${ids.c}/frames`])
      expect((await holder().send('GET', path)).status).toBe(404);
  });
});

it('names no chart of a dashboard that is not shared with whoever looks at its source', async () => {
  const hidden = await owner.board(ids.s);
  const drawnIn = async (who?: TestPerson) => {
    const answer = await who?.send<{ charts: { dashboardId: number }[] }>(
      'GET',
      `/sources/${ids.s}`,
    );
    return answer?.body.charts.map(({ dashboardId }) => dashboardId) ?? [];
  };
  expect(await drawnIn(owner)).toContain(hidden.dashboardId);
  const seen = await drawnIn(people.editor);
  expect(seen).toContain(ids.d);
  expect(seen).not.toContain(hidden.dashboardId);
});

it('lets nobody draw from a source that is neither theirs nor on the dashboard', async () => {
  const secret = await (people.stranger as TestPerson).source(csv, 'Secret');
  const { definition } = await owner.board(ids.s);
  const stolen = JSON.parse(
    JSON.stringify(definition).replaceAll(`"sourceId":${ids.s}`, `"sourceId":${secret}`),
  ) as object;
  for (const [method, path] of [
    ['POST', `/dashboards/${ids.d}/charts`],
    ['POST', `/charts/${ids.c}/frames`],
  ] as const)
    expect((await owner.send(method, path, { definition: stolen })).status).toBe(404);
});

it('gives an editor no version that was replaced before they were made one', async () => {
  const source = await owner.source('Day,Fares,Salary\n2026-01-01,1,777\n', 'Cleaned');
  await owner.bringIn('Day,Fares\n2026-01-01,1\n', { sourceId: source });
  const { dashboardId } = await owner.board(source);
  const late = await TestPerson.signedUp(server.origin, 'late');
  await owner.share(dashboardId, 'editor', { name: 'late', person: late });
  await owner.bringIn('Day,Fares\n2026-01-01,2\n', { sourceId: source });
  const seen = async (who: TestPerson) =>
    (await who.send<SourceDetail>('GET', `/sources/${source}`)).body.versions.map(({ id }) => id);
  const [third, second, first] = await seen(owner);
  // The one that was in use when they came has been replaced since, and came in before.
  expect(await seen(late)).toEqual([third]);
  const rows = (who: TestPerson, version?: number) =>
    who.send('GET', `/sources/${source}/rows.csv?version=${version}`);
  for (const version of [second, first]) expect((await rows(late, version)).status).toBe(404);
  expect((await rows(late, third)).status).toBe(200);
  expect((await rows(owner, first)).body).toContain('777');
});
