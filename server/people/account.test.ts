import { createConnection } from 'mysql2/promise';
import type { Account } from '../../contract';
import { startServer, TestPerson, type TestServer } from '../testing';

let server: TestServer;
let beside: TestServer;
const old = 'long enough to be one';
const fresh = 'a lantern under the pier';
const env = {
  STAND_MARK_TRUSTED_PROXIES: '1',
  STAND_MARK_SESSION_IDLE_HOURS: '2',
  // No pause passes by itself, however slow the machine.
  STAND_MARK_FIRST_PAUSE_SECONDS: '60',
};

beforeAll(async () => {
  server = await startServer({ env });
  beside = await startServer({
    beside: server,
    env: { ...env, STAND_MARK_PASSWORD_PASSES: '3', STAND_MARK_SESSIONS_OF_PERSON: '3' },
  });
});

afterAll(async () => {
  await beside.stop();
  await server.stop();
});

const signIn = async (name: string, password = old, origin = server.origin) => {
  const person = new TestPerson(origin);
  const body = { email: `${name}@isles.example`, password };
  return { person, status: (await person.send('POST', '/session', body)).status };
};

const change = (person: TestPerson, current: string, password: string) =>
  person.send<{ code: string; fields: { field: string }[] }>('PUT', '/account/password', {
    current,
    password,
  });

const isIn = async (person: TestPerson) => (await person.send('GET', '/account')).status === 200;

async function query(sql: string, values: unknown[] = []) {
  const connection = await createConnection(server.databaseUrl);
  const [rows] = await connection.query(sql, values);
  await connection.end();
  return rows as Record<string, unknown>[];
}

it('changes a password for whoever knows the old one, and ends all other sessions, at any server', async () => {
  const maren = await TestPerson.signedUp(server.origin, 'maren');
  const { person: elsewhere } = await signIn('maren', old, beside.origin);
  const stolen = maren.before(server.origin);
  expect((await change(maren, 'not this one', fresh)).body).toMatchObject({
    code: 'wrong-password',
    fields: [{ field: 'current' }],
  });
  expect((await change(maren, old, fresh)).status).toBe(200);
  // Its own session goes on, under a key that nobody had before.
  expect(await Promise.all([maren, elsewhere, stolen].map(isIn))).toEqual([true, false, false]);
  expect((await signIn('maren', old)).status).toBe(401);
  expect((await signIn('maren', fresh)).status).toBe(200);
});

it('lets nobody in by the old password who tries while it is changed', async () => {
  for (let round = 0; round < 8; round += 1) {
    const name = `racer${round}`;
    const owner = await TestPerson.signedUp(server.origin, name);
    const [changed, ...entered] = await Promise.all([
      change(owner, old, fresh),
      ...[server, beside, server].map(({ origin }) => signIn(name, old, origin)),
    ]);
    expect(changed.status).toBe(200);
    const left = await Promise.all(entered.map(({ person }) => isIn(person)));
    expect(left).toEqual([false, false, false]);
  }
});

it.each([
  ['a common one', 'Password 123', 'password'],
  ['the name', 'Tove of the Isles', 'password'],
  ['the address', 'tove@isles.example', 'password'],
  ['a short one', 'ninechars', 'password'],
])('takes no password that is %s, at sign-up and later', async (_, password, field) => {
  const account = { email: 'tove@isles.example', name: 'Tove of the Isles' };
  const tove = new TestPerson(server.origin);
  const made = await tove.send('POST', '/people', { ...account, password });
  expect([made.status, made.body.fields]).toEqual([422, [expect.objectContaining({ field })]]);
  await tove.send('POST', '/people', { ...account, password: old });
  await tove.send('POST', '/session', { email: account.email, password: old });
  const changed = await change(tove, old, password);
  expect([changed.status, changed.body.fields[0]?.field]).toEqual([422, field]);
});

it('pauses after guesses at the password of an open session, over all servers', async () => {
  const wren = await TestPerson.signedUp(server.origin, 'wren');
  const there = wren.before(beside.origin);
  const guesses = await Promise.all(
    Array.from({ length: 30 }, (_, guess) =>
      change(guess % 2 ? wren : there, `guess ${guess}`, fresh),
    ),
  );
  const having = (wanted: number) => guesses.filter(({ status }) => status === wanted).length;
  expect([having(422), having(429)]).toEqual([5, 25]);
});

it('works a hash out anew, at what it may cost now, when its password is next used', async () => {
  await TestPerson.signedUp(server.origin, 'ivo');
  const passes = async () => {
    const [row] = await query("SELECT password_hash AS h FROM people WHERE name = 'ivo'");
    return /t=(\d+)/.exec(String(row?.h))?.[1];
  };
  expect(await passes()).toBe('2');
  const both = await Promise.all([1, 2].map(() => signIn('ivo', old, beside.origin)));
  expect(both.map(({ status }) => status)).toEqual([200, 200]);
  expect(await passes()).toBe('3');
  expect((await signIn('ivo')).status).toBe(200);
  expect(await passes()).toBe('3');
});

it('ends the session that was not used for longest where there are too many', async () => {
  const busy = await TestPerson.signedUp(server.origin, 'busy');
  await query('UPDATE sessions SET last_used_at = last_used_at - INTERVAL 1 MINUTE');
  const others = [];
  for (let place = 0; place < 3; place += 1) others.push(await signIn('busy', old, beside.origin));
  expect(await isIn(busy)).toBe(false);
  expect(await Promise.all(others.map(({ person }) => isIn(person)))).toEqual([true, true, true]);
});

it('lists where somebody is signed in, and ends one, and all', async () => {
  const lena = await TestPerson.signedUp(server.origin, 'lena');
  const phone = new TestPerson(beside.origin);
  const agent = {
    'user-agent': 'Mozilla/5.0 (X11; Linux x86_64; rv:140.0) Gecko/20100101 Firefox/140.0',
  };
  const account = { email: 'lena@isles.example', password: old };
  await phone.send('POST', '/session', account, agent);
  const listed = (await lena.send<Account>('GET', '/account')).body.sessions;
  expect(listed.map(({ browser, current }) => [browser, current])).toEqual(
    expect.arrayContaining([
      ['Firefox on Linux', false],
      [expect.any(String), true],
    ]),
  );
  const other = listed.find(({ current }) => !current)?.id ?? '';
  const tove = await TestPerson.signedUp(server.origin, 'nosy');
  expect((await tove.send('DELETE', `/account/sessions/${other}`)).status).toBe(404);
  expect((await lena.send('DELETE', `/account/sessions/${other}`)).status).toBe(200);
  expect(await Promise.all([lena, phone].map(isIn))).toEqual([true, false]);
  const again = await signIn('lena');
  const ended = await lena.send('DELETE', '/account/sessions');
  expect(ended.headers.get('clear-site-data')).toBe('"cookies", "storage"');
  expect(await Promise.all([lena, again.person].map(isIn))).toEqual([false, false]);
});

it.each([
  [
    'is not used for so long',
    'last_used_at = last_used_at - INTERVAL 121 MINUTE, expires_at = expires_at - INTERVAL 121 MINUTE',
    false,
  ],
  [
    'is used',
    'last_used_at = last_used_at - INTERVAL 110 MINUTE, expires_at = expires_at - INTERVAL 110 MINUTE',
    true,
  ],
  [
    'is as old as any may become',
    'created_at = created_at - INTERVAL 30 DAY, last_used_at = last_used_at - INTERVAL 10 MINUTE',
    false,
  ],
])('ends or keeps a session that %s', async (_, passed, goesOn) => {
  const { person } = await signIn('ivo');
  const [row] = await query(
    'SELECT token_hash AS t FROM sessions ORDER BY created_at DESC LIMIT 1',
  );
  await query(`UPDATE sessions SET ${passed} WHERE token_hash = ?`, [row?.t]);
  // The first use looks at the time that was set, and sets it anew; the second shows what that came to.
  await isIn(person);
  expect(await isIn(person)).toBe(goesOn);
});

it('gives each sign-in a key of its own, and takes none that was set beforehand', async () => {
  const tried = new TestPerson(server.origin);
  tried.cookie = 'stand-mark-session=chosen-by-somebody-else';
  const account = { email: 'ivo@isles.example', password: old };
  await tried.send('POST', '/session', account);
  const first = tried.cookie;
  expect(first).not.toContain('chosen');
  await tried.send('POST', '/session', account);
  expect(tried.cookie).not.toBe(first);
  const before = tried.before(server.origin);
  before.cookie = first;
  expect(await isIn(before)).toBe(false);
  // Over a secure connection only the cookie that no other host can set is looked at.
  const secure = { 'x-forwarded-proto': 'https' };
  const bare = tried.before(server.origin);
  expect((await bare.send('GET', '/account', undefined, secure)).status).toBe(401);
  const signedIn = await bare.send('POST', '/session', account, secure);
  expect(signedIn.headers.get('strict-transport-security')).toBe('max-age=31536000');
  expect(signedIn.headers.get('set-cookie')).toMatch(
    /^__Host-stand-mark-session=.*; Path=\/;.*HttpOnly; Secure; SameSite=Lax/,
  );
  expect((await bare.send('GET', '/account', undefined, secure)).status).toBe(200);
});

it('changes a name, which others see', async () => {
  const person = await TestPerson.signedUp(server.origin, 'before');
  expect((await person.send('PUT', '/account/name', { name: '  After  ' })).body).toEqual({
    name: 'After',
  });
  const { body } = await person.send<Account>('GET', '/account');
  expect(body.person.name).toBe('After');
});
