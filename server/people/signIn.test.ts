import { createConnection } from 'mysql2/promise';
import { startServer, TestPerson, type TestServer } from '../testing';

let server: TestServer;
const password = 'long enough to be one';

/** No pause passes by itself, however slow the machine. */
const pausing = { STAND_MARK_FIRST_PAUSE_SECONDS: '60' };

beforeAll(async () => {
  server = await startServer({
    env: { ...pausing, STAND_MARK_TRUSTED_PROXIES: '1', STAND_MARK_SIGN_UPS_OF_ADDRESS: '3' },
  });
});

afterAll(() => server.stop());

/** Tries a password from an address, as the proxy before the server tells it. */
async function tryFrom(address: string, email: string, secret = 'a guess') {
  const body = { email: `${email}@isles.example`, password: secret };
  const headers = { 'x-forwarded-for': address };
  const answer = await new TestPerson(server.origin).send('POST', '/session', body, headers);
  return { status: answer.status, wait: Number(answer.headers.get('retry-after')) };
}

const signUpFrom = (address: string, name: string) =>
  new TestPerson(server.origin).send(
    'POST',
    '/people',
    { email: `${name}@isles.example`, name, password },
    { 'x-forwarded-for': address },
  );

/** Lets time pass for all tries that are remembered. */
async function later(seconds: number) {
  const connection = await createConnection(server.databaseUrl);
  await connection.query(
    'UPDATE tries SET next_at = next_at - INTERVAL ? SECOND, last_at = last_at - INTERVAL ? SECOND',
    [seconds, seconds],
  );
  await connection.end();
}

/** @returns the longest pause that tries from an address have brought, in seconds */
async function wholePause(address: string): Promise<number> {
  const connection = await createConnection(server.databaseUrl);
  const [rows] = await connection.query(
    'SELECT MAX(TIMESTAMPDIFF(SECOND, last_at, next_at)) AS pause FROM tries WHERE subject LIKE ?',
    [`%${address}%`],
  );
  await connection.end();
  return Number((rows as { pause: number }[])[0]?.pause);
}

it('counts tries at the same moment one after another, before any password is looked at', async () => {
  await signUpFrom('10.0.0.1', 'parallel');
  const all = await Promise.all(Array.from({ length: 60 }, () => tryFrom('10.0.0.2', 'parallel')));
  const having = (wanted: number) => all.filter(({ status }) => status === wanted).length;
  expect([having(401), having(429)]).toEqual([5, 55]);
});

it('shuts a guesser out, not the owner at another address', async () => {
  await signUpFrom('10.0.1.1', 'owner');
  for (let i = 0; i < 6; i += 1) await tryFrom('10.0.1.2', 'owner');
  expect((await tryFrom('10.0.1.2', 'owner', password)).status).toBe(429);
  expect((await tryFrom('10.0.1.1', 'owner', password)).status).toBe(200);
});

it('doubles the pause with each wrong guess, to a quarter of an hour at most, and forgets in time', async () => {
  const pauses: number[] = [];
  for (let tried = 0; tried < 16; tried += 1) {
    expect((await tryFrom('10.0.2.2', 'nobody')).status).toBe(401);
    const pause = await wholePause('10.0.2.2');
    if (pause > 0) pauses.push(pause);
    if (pause > 0) expect((await tryFrom('10.0.2.2', 'nobody')).status).toBe(429);
    await later(pause);
  }
  expect(pauses).toEqual([60, 120, 240, 480, ...Array<number>(8).fill(900)]);
  await later(3700);
  for (let i = 0; i < 5; i += 1) expect((await tryFrom('10.0.2.2', 'nobody')).status).toBe(401);
});

it('forgets wrong guesses once the right password was given', async () => {
  await signUpFrom('10.0.3.1', 'forgetful');
  for (let i = 0; i < 4; i += 1) await tryFrom('10.0.3.1', 'forgetful');
  expect((await tryFrom('10.0.3.1', 'forgetful', password)).status).toBe(200);
  for (let i = 0; i < 5; i += 1) expect((await tryFrom('10.0.3.1', 'forgetful')).status).toBe(401);
});

it('bounds guesses from one address for whatever accounts, but not those who get in', async () => {
  await signUpFrom('10.0.4.1', 'busy');
  for (let i = 0; i < 40; i += 1)
    expect((await tryFrom('10.0.4.1', 'busy', password)).status).toBe(200);
  const statuses: number[] = [];
  for (let i = 0; i < 31; i += 1) statuses.push((await tryFrom('10.0.4.2', `no${i}`)).status);
  expect(statuses).toEqual([...Array<number>(30).fill(401), 429]);
});

it('bounds guesses at one account from wherever they come, but not from where its owner has signed in', async () => {
  await signUpFrom('10.0.6.1', 'wanted');
  expect((await tryFrom('10.0.6.1', 'wanted', password)).status).toBe(200);
  for (const email of ['wanted', 'nobody at all']) {
    const name = email.replaceAll(' ', '.');
    const statuses: number[] = [];
    for (let i = 0; i < 21; i += 1)
      statuses.push((await tryFrom(`10.7.${i}.${name.length}`, name)).status);
    // Whether there is such an account is told by nothing.
    expect(statuses).toEqual([...Array<number>(20).fill(401), 429]);
    // The right password tells nothing meanwhile.
    if (name === 'wanted') expect((await tryFrom('10.7.99.1', name, password)).status).toBe(429);
  }
  expect((await tryFrom('10.0.6.1', 'wanted', password)).status).toBe(200);
});

it('takes as long for an account that there is as for one that there is not', async () => {
  const slow = await startServer({ env: { STAND_MARK_ALIKE_MILLISECONDS: '700' } });
  await TestPerson.signedUp(slow.origin, 'there');
  const taken = async (path: string, name: string) => {
    const body = { email: `${name}@isles.example`, name, password: 'a wrong one, and long' };
    const begun = Date.now();
    const { status } = await new TestPerson(slow.origin).send('POST', path, body);
    return [status, Date.now() - begun >= 690];
  };
  expect(await taken('/session', 'there')).toEqual([401, true]);
  expect(await taken('/session', 'absent')).toEqual([401, true]);
  expect(await taken('/people', 'there')).toEqual([202, true]);
  expect(await taken('/people', 'absent')).toEqual([202, true]);
  await slow.stop();
});

it('takes the addresses of one household of the newer kind as one', async () => {
  const statuses: number[] = [];
  for (let i = 1; i <= 6; i += 1)
    statuses.push((await tryFrom(`2001:db8:1:2::${i}`, 'household')).status);
  expect(statuses).toEqual([401, 401, 401, 401, 401, 429]);
  expect((await tryFrom('2001:db8:1:3::1', 'household')).status).toBe(401);
});

it('lets one address make so many accounts, and not one more', async () => {
  const statuses: number[] = [];
  for (let i = 0; i < 4; i += 1) statuses.push((await signUpFrom('10.0.5.1', `new${i}`)).status);
  expect(statuses).toEqual([202, 202, 202, 429]);
  expect((await signUpFrom('10.0.5.2', 'new9')).status).toBe(202);
});

it('takes no word on an address where no proxy is trusted', async () => {
  const bare = await startServer({ env: pausing });
  const statuses: number[] = [];
  for (let i = 0; i < 6; i += 1) {
    const body = { email: 'x@isles.example', password: 'x' };
    const headers = { 'x-forwarded-for': `10.1.0.${i}` };
    statuses.push(
      (await new TestPerson(bare.origin).send('POST', '/session', body, headers)).status,
    );
  }
  await bare.stop();
  expect(statuses).toEqual([401, 401, 401, 401, 401, 429]);
});
