import type { Router } from 'express';
import type { Account } from '../contract';
import { FigureReader } from './frames';
import { makeRoutes } from './routes';
import {
  startMailbox,
  startServer,
  type TestMailbox,
  TestPerson,
  type TestServer,
} from './testing';

/** Who asks: nobody, holders of a link of this dashboard or of another, and people by their role. */
const actors = ['nobody', 'link', 'otherLink', 'stranger', 'reader', 'editor', 'owner'] as const;
type Actor = (typeof actors)[number];

/** Who is let in, the least of them first. */
const letIn = {
  everybody: [...actors],
  linkHolders: ['link'],
  people: ['stranger', 'reader', 'editor', 'owner'],
  readers: ['reader', 'editor', 'owner'],
  editors: ['editor', 'owner'],
  owner: ['owner'],
  auditors: ['owner'],
} satisfies Record<string, Actor[]>;

/** Every route, and who is let in; what is removed by one is brought back by the next. */
const table: [route: string, who: keyof typeof letIn, body?: unknown][] = [
  ['GET /session', 'everybody'],
  ['POST /session', 'everybody'],
  ['POST /session/demo', 'everybody'],
  ['POST /people', 'everybody'],
  ['POST /people/completed', 'everybody'],
  ['POST /people/invited', 'everybody'],
  ['POST /password-resets', 'everybody'],
  ['PUT /password-resets', 'everybody'],
  ['POST /account/email/old', 'everybody'],
  ['POST /account/email/new', 'everybody'],
  ['GET /links/:token', 'linkHolders'],
  ['GET /links/:token/changes', 'linkHolders'],
  ['GET /links/:token/charts/:chart/frames', 'linkHolders'],

  ['GET /account', 'people'],
  ['PUT /account/name', 'people', { name: 'Renamed' }],
  ['PUT /account/password', 'people'],
  ['PUT /account/email', 'people'],
  ['POST /account/second-factor', 'people'],
  ['PUT /account/second-factor', 'people'],
  ['DELETE /account/second-factor', 'people'],
  ['POST /account/recovery-codes', 'people'],
  ['GET /account/belongings', 'people'],
  ['POST /invitations', 'people'],
  ['GET /audit', 'auditors'],

  ['GET /dashboards', 'people'],
  ['POST /dashboards', 'people'],
  ['GET /sources', 'people'],
  ['GET /sources/removed', 'people'],
  ['GET /deliveries', 'people'],
  ['DELETE /deliveries/:delivery', 'people'],
  ['POST /uploads', 'people'],
  ['GET /uploads/limits', 'people'],

  ['POST /uploads/:upload/understand', 'owner'],
  ['POST /uploads/:upload/compare', 'owner', { sourceId: 1, mode: 'replace', form: {} }],
  ['POST /uploads/:upload/bring-in', 'owner', { name: 'Again', form: {} }],
  ['DELETE /uploads/:upload/bring-in', 'owner'],

  ['GET /dashboards/:dashboard', 'readers'],
  ['GET /dashboards/:dashboard/changes', 'readers'],
  ['GET /charts/:chart/frames', 'readers'],
  ['PUT /dashboards/:dashboard', 'editors', { title: 'Taken', revision: 2 }],
  ['PUT /dashboards/:dashboard/style', 'editors'],
  ['PUT /dashboards/:dashboard/places', 'editors'],
  ['POST /dashboards/:dashboard/charts', 'editors'],
  ['POST /dashboards/:dashboard/charts/read-in', 'editors'],
  ['GET /charts/:chart', 'editors'],
  ['GET /charts/:chart/written', 'editors'],
  ['GET /charts/:chart/worked-out', 'editors'],
  ['POST /charts/:chart/copies', 'editors'],
  ['PUT /charts/:chart', 'editors'],
  ['POST /charts/:chart/frames', 'editors'],
  ['POST /charts/:chart/rows', 'editors'],
  ['POST /charts/:chart/notes', 'editors'],
  ['PUT /notes/:note', 'editors', { text: 'Taken', day: null, colour: 'plum', revision: 1 }],
  ['DELETE /notes/:note', 'editors'],
  ['POST /notes/:note/restore', 'editors'],
  ['DELETE /charts/:chart', 'editors'],
  ['POST /charts/:chart/restore', 'editors'],
  ['GET /sources/:source', 'editors'],
  ['GET /sources/:source/words', 'editors'],
  ['GET /sources/:source/rows.:form', 'editors'],
  ['GET /sources/:source/measures', 'editors'],
  ['POST /sources/:source/measures/value', 'editors'],

  ['GET /dashboards/:dashboard/sharing', 'owner'],
  ['PUT /dashboards/:dashboard/readers-note', 'owner'],
  ['PUT /dashboards/:dashboard/people', 'owner', { email: 'odd@isles.example', role: 'editor' }],
  ['POST /dashboards/:dashboard/links', 'owner'],
  ['POST /sources/:source/measures', 'owner'],
  ['PUT /measures/:measure', 'owner'],
  ['DELETE /measures/:measure', 'owner'],
  ['POST /measures/:measure/restore', 'owner'],
  ['POST /sources/:source/versions/:version/use', 'owner'],
  ['DELETE /dashboards/:dashboard', 'owner'],
  ['POST /dashboards/:dashboard/restore', 'owner'],
  ['DELETE /sources/:spare', 'owner'],
  ['POST /sources/:spare/restore', 'owner'],
  ['DELETE /dashboards/:dashboard/links/:linkId', 'owner'],
  ['DELETE /dashboards/:dashboard/people', 'owner', { email: 'reader@isles.example' }],
  ['DELETE /account', 'people'],
  ['DELETE /account/sessions/:session', 'people'],
  ['DELETE /account/sessions', 'people'],
  ['DELETE /session', 'everybody'],
];

let server: TestServer;
let mailbox: TestMailbox;
const people = {} as Record<Actor, TestPerson>;
const ids: Record<string, string | number> = {};
const tokens: Partial<Record<Actor, string>> = {};

beforeAll(async () => {
  mailbox = await startMailbox();
  const env = { ...mailbox.env, STAND_MARK_AUDITORS: 'owner@isles.example' };
  server = await startServer({ env });
  for (const actor of actors)
    people[actor] = ['nobody', 'link', 'otherLink'].includes(actor)
      ? new TestPerson(server.origin)
      : await TestPerson.signedUp(server.origin, actor);
  const { owner, editor, reader } = people;
  const csv = 'Day,Fares,Route\n2026-01-01,1.5,North\n2026-02-01,2.5,South\n';
  const source = await owner.source(csv);
  const { dashboardId: dashboard, chartId: chart } = await owner.board(source);
  await owner.share(dashboard, 'editor', { name: 'editor', person: editor });
  await owner.share(dashboard, 'reader', { name: 'reader', person: reader });
  await owner.send('PUT', `/dashboards/${dashboard}/people`, {
    email: 'later@isles.example',
    role: 'reader',
  });
  const note = { day: '2026-01-01', series: null, text: 'Storm', colour: 'plum' };
  const made = async (path: string, body: unknown) =>
    (await owner.send<{ id: number }>('POST', path, body)).body.id;
  const sum = { kind: 'aggregate', date: 'Day', aggregate: 'sum', column: 'Fares' };
  const definition = { ...sum, percent: 50, filters: [] };
  const detail = await owner.send<{ versions: { id: number }[] }>('GET', `/sources/${source}`);
  const link = await owner.link(dashboard);
  const second = await owner.board(source);
  tokens.link = link.token;
  tokens.otherLink = (await owner.link(second.dashboardId)).token;
  Object.assign(ids, {
    source,
    dashboard,
    chart,
    delivery: 1,
    linkId: link.id,
    // The first of those who are let in is asked for it: another session of theirs.
    session: await elsewhere(people.stranger, 'stranger'),
    form: 'csv',
    spare: await owner.source(csv, 'Spare'),
    upload: await owner.upload(csv),
    note: await made(`/charts/${chart}/notes`, note),
    measure: await made(`/sources/${source}/measures`, { name: 'Sum', definition }),
    version: detail.body.versions[0]?.id ?? 0,
  });
});

afterAll(async () => {
  await server.stop();
  mailbox.stop();
});

/** Signs somebody in once more. @returns what that session is called */
async function elsewhere(person: TestPerson, name: string): Promise<string> {
  await TestPerson.signedUp(server.origin, name);
  const { body } = await person.send<Account>('GET', '/account');
  return body.sessions.find(({ current }) => !current)?.id ?? '';
}

/** Asks as an actor; of a stream no more than its head is waited for. */
async function ask(actor: Actor, route: string, body: unknown = {}) {
  const [method = '', path = ''] = route.split(' ');
  const filled = path.replace(/:(\w+)/g, (_, name: string) =>
    String(name === 'token' ? (tokens[actor] ?? 'made-up') : ids[name]),
  );
  // A link opens nothing but its own addresses, wherever its token is shown.
  const asked = `${filled}?column=Route&token=${tokens[actor] ?? ''}`;
  const leave = new AbortController();
  const response = await fetch(`${server.origin}/api${asked}`, {
    method,
    headers: {
      'x-stand-mark': '1',
      'content-type': 'application/json',
      cookie: people[actor].cookie,
    },
    body: method === 'GET' ? undefined : JSON.stringify(body),
    signal: leave.signal,
  });
  const type = response.headers.get('content-type') ?? '';
  const text = type.includes('event-stream') ? '' : await response.text();
  leave.abort();
  return { status: response.status, type, text };
}

it('has a row for every route, and no other', () => {
  // What tells whether the server runs stands by itself, outside the API.
  const { standing: _, ...routes } = makeRoutes({} as never, new FigureReader(), false);
  const routers = Object.values(routes).flat();
  const served = (routers as Router[]).flatMap(({ stack }) =>
    stack.flatMap(({ route }) => {
      const methods = Object.keys((route as unknown as { methods: object }).methods);
      return methods.map((method) => `${method.toUpperCase()} ${route?.path}`);
    }),
  );
  const plain = (route: string) => route.replace(/:\w+/g, ':');
  expect(table.map(([route]) => plain(route)).sort()).toEqual(served.map(plain).sort());
});

const refused = table.flatMap(([route, who, body]) =>
  actors
    .filter((actor) => !(letIn[who] as Actor[]).includes(actor))
    // Link holders but those of this dashboard have a dashboard of their own to read.
    .filter((actor) => actor !== 'otherLink' || route !== 'GET /links/:token')
    .filter((actor) => actor !== 'otherLink' || route !== 'GET /links/:token/changes')
    .map((actor) => ({ actor, route, who, body })),
);

it.each(refused)('refuses $route to $actor', async ({ actor, route, who, body }) => {
  const { status, type, text } = await ask(actor, route, body);
  const signedIn = people[actor].cookie !== '';
  expect(who === 'linkHolders' || signedIn ? [403, 404] : [401]).toContain(status);
  expect(type).toContain('application/problem+json');
  expect((JSON.parse(text) as { detail: string }).detail).toMatch(/\w/);
});

it('left everything as it was', async () => {
  const { text } = await ask('owner', 'GET /dashboards/:dashboard');
  const board = JSON.parse(text) as {
    title: string;
    charts: unknown[];
    notes: { text: string }[];
  };
  expect([board.title, board.charts.length, board.notes.map((note) => note.text)]).toEqual([
    'Board',
    1,
    ['Storm'],
  ]);
  const other = JSON.parse((await ask('otherLink', 'GET /links/:token')).text) as { id: number };
  expect(other.id).not.toBe(ids.dashboard);
});

// Whoever is let in may still send nothing of use.
const admitted = table.flatMap(([route, who, body]) => {
  const changes = /^DELETE|restore$|bring-in$/.test(route);
  const asking = changes ? letIn[who].slice(0, 1) : letIn[who];
  return asking.map((actor) => ({ actor, route, body }));
});

it.each(admitted)('lets $actor in at $route', async ({ actor, route, body }) => {
  const { status } = await ask(actor, route, body);
  expect(status).toBeLessThan(500);
  if (!/^POST \/session/.test(route)) expect([401, 403, 404]).not.toContain(status);
});
