import { get } from 'node:http';
import { startServer, TestPerson, type TestServer } from '../testing';

let server: TestServer;
let person: TestPerson;

beforeAll(async () => {
  // No pause passes by itself, however slow the machine.
  server = await startServer({ env: { STAND_MARK_FIRST_PAUSE_SECONDS: '60' } });
  person = await TestPerson.signedUp(server.origin, 'maren');
});

afterAll(() => server.stop());

const board = { title: 'Board', zone: 'UTC' };

it.each([
  [
    'malformed JSON',
    'POST',
    '/dashboards',
    '{"title":',
    { 'content-type': 'application/json' },
    400,
    'malformed',
  ],
  [
    'an oversized body',
    'POST',
    '/dashboards',
    { title: 'x'.repeat(600_000) },
    {},
    413,
    'too-large',
  ],
  ['a missing field', 'POST', '/dashboards', { zone: 'UTC' }, {}, 422, 'invalid'],
  ['a wrong type', 'POST', '/dashboards', { title: { $gt: '' }, zone: 'UTC' }, {}, 422, 'invalid'],
  [
    'an unknown zone',
    'POST',
    '/dashboards',
    { title: 'Board', zone: 'Mars/Base' },
    {},
    422,
    'invalid',
  ],
  ['an unknown id', 'GET', '/dashboards/999999', undefined, {}, 404, 'not-found'],
  ['an id that is none', 'GET', '/dashboards/1%20OR%201=1', undefined, {}, 404, 'not-found'],
  ['an address that is none', 'GET', '/nowhere', undefined, {}, 404, 'not-found'],
  [
    'another site',
    'POST',
    '/dashboards',
    board,
    { origin: 'http://elsewhere.example' },
    403,
    'cross-site',
  ],
  [
    'a form of another site',
    'POST',
    '/dashboards',
    board,
    { 'x-stand-mark': '' },
    403,
    'cross-site',
  ],
  [
    'a dead session',
    'GET',
    '/dashboards',
    undefined,
    { cookie: 'stand-mark-session=gone' },
    401,
    'not-signed-in',
  ],
] as const)('answers %s clearly', async (_, method, path, body, headers, status, code) => {
  const answer = await person.send(method, path, body, headers as Record<string, string>);
  expect([answer.status, answer.body.code]).toEqual([status, code]);
  expect(answer.headers.get('content-type')).toContain('application/problem+json');
  expect((await person.send('GET', '/dashboards')).status).toBe(200);
});

it('ends a session for good on signing out', async () => {
  const leaver = await TestPerson.signedUp(server.origin, 'leaver');
  const cookie = leaver.cookie;
  await leaver.send('DELETE', '/session');
  expect((await leaver.send('GET', '/dashboards', undefined, { cookie })).status).toBe(401);
});

it('gives a cookie that no script reads and no other site sends', async () => {
  const answer = await new TestPerson(server.origin).send('POST', '/session', {
    email: 'maren@isles.example',
    password: 'long enough to be one',
  });
  expect(answer.headers.get('set-cookie')).toMatch(/HttpOnly; SameSite=Lax/i);
});

it('slows guessing down, for the address that is guessed alone', async () => {
  const guesser = new TestPerson(server.origin);
  await TestPerson.signedUp(server.origin, 'target');
  const guess = (email: string, password = 'a guess') =>
    guesser.send('POST', '/session', { email, password });
  const statuses: number[] = [];
  for (let i = 0; i < 6; i += 1) statuses.push((await guess('target@isles.example')).status);
  expect(statuses).toEqual([401, 401, 401, 401, 401, 429]);
  const right = await guess('target@isles.example', 'long enough to be one');
  expect([right.status, right.headers.get('retry-after')]).toEqual([
    429,
    expect.stringMatching(/^[56]\d$/),
  ]);
  expect((await guess('maren@isles.example', 'long enough to be one')).status).toBe(200);
});

it('sets a content security policy without scripts from elsewhere', async () => {
  const response = await fetch(server.origin);
  const policy = response.headers.get('content-security-policy') ?? '';
  expect(policy).toContain("script-src 'self'");
  expect(policy).toContain("frame-ancestors 'none'");
});

describe('the name that a server goes by', () => {
  let named: TestServer;
  beforeAll(async () => {
    const env = { STAND_MARK_HOSTS: 'figures.isles.example, Board.isles.example' };
    named = await startServer({ beside: server, env });
  });
  afterAll(() => named.stop());

  /** Asks under a name, as a browser would that was led here by it. */
  const asked = (host: string, path: string) =>
    new Promise<number | undefined>((resolve) => {
      const { port } = new URL(named.origin);
      get({ host: '127.0.0.1', port, path, headers: { host } }, (answer) => {
        answer.resume();
        resolve(answer.statusCode);
      });
    });

  it.each([
    ['localhost', 200],
    ['127.0.0.1:4170', 200],
    ['[::1]:4170', 200],
    ['figures.isles.example', 200],
    ['board.isles.example:443', 200],
    ['evil.example', 421],
    ['figures.isles.example.evil.example', 421],
    ['127.0.0.1.evil.example', 421],
    ['localhost.', 421],
  ])('answers under %s with %i, whatever is asked for', async (host, status) => {
    expect([await asked(host, '/'), await asked(host, '/api/session')]).toEqual([status, status]);
  });
});
