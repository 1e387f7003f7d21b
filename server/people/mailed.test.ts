import { createConnection } from 'mysql2/promise';
import type { Account, Secret } from '../../contract';
import {
  codeOf,
  earlyInStep,
  startMailbox,
  startServer,
  type TestMailbox,
  TestPerson,
  type TestServer,
} from '../testing';

/*
 * What is opened by mail and by codes, read from the mailbox that ships with the demo.
 */
let server: TestServer;
let beside: TestServer;
let mailbox: TestMailbox;
const old = 'long enough to be one';
const fresh = 'a lantern under the pier';
const emailOf = (name: string) => `${name}@isles.example`;

beforeAll(async () => {
  mailbox = await startMailbox();
  const env = {
    ...mailbox.env,
    STAND_MARK_FREE_TRIES_OF_LINKS: '1000',
    STAND_MARK_MAILS_ASKED_FOR: '4',
    STAND_MARK_TRUSTED_PROXIES: '1',
  };
  server = await startServer({ env });
  beside = await startServer({ beside: server, env });
});

afterAll(async () => {
  await beside.stop();
  await server.stop();
  mailbox.stop();
});

const nobody = (origin = server.origin) => new TestPerson(origin);
const isIn = async (person: TestPerson) => (await person.send('GET', '/account')).status === 200;

const signIn = async (email: string, password: string, code?: string) => {
  const person = nobody();
  const { status, body } = await person.send('POST', '/session', { email, password, code });
  return { person, status, body };
};

let places = 0;
/** From an address of its own each time, so that only what is asked for is counted. */
const askForReset = (email: string) =>
  nobody().send(
    'POST',
    '/password-resets',
    { email },
    { 'x-forwarded-for': `10.9.0.${(places += 1)}` },
  );

async function query(sql: string, values: unknown[] = []) {
  const connection = await createConnection(server.databaseUrl);
  const [rows] = await connection.query(sql, values);
  await connection.end();
  return rows as Record<string, unknown>[];
}

describe('a new password', () => {
  it('is chosen by a mailed link, once, which ends all that opened the account', async () => {
    const maren = await TestPerson.signedUp(server.origin, 'maren');
    expect((await askForReset(emailOf('maren'))).status).toBe(202);
    const { text } = await mailbox.waitFor(emailOf('maren'), /new password/);
    expect(text).toContain(`${server.origin}/reset#`);
    expect(text).toContain('once, within an hour');
    const token = await mailbox.token(emailOf('maren'), /new password/);
    // What is refused leaves the link good.
    const weak = await nobody().send('PUT', '/password-resets', { token, password: 'maren' });
    expect(weak.status).toBe(422);
    const common = await nobody().send('PUT', '/password-resets', {
      token,
      password: '1234567890',
    });
    expect(common.body).toMatchObject({ code: 'weak-password' });
    const chosen = await nobody().send('PUT', '/password-resets', { token, password: fresh });
    expect([chosen.status, chosen.body]).toEqual([200, { email: emailOf('maren') }]);
    expect(await isIn(maren)).toBe(false);
    expect((await signIn(emailOf('maren'), old)).status).toBe(401);
    expect((await signIn(emailOf('maren'), fresh)).status).toBe(200);
    const changed = await mailbox.waitFor(emailOf('maren'), 'Your account was changed');
    expect(changed.text).toContain('The password of your account with Stand Mark was changed.');
  });

  it('is told of in the same words for an address without an account, which gets no mail', async () => {
    const known = await askForReset(emailOf('maren'));
    const unknown = await askForReset('stranger@isles.example');
    expect([unknown.status, unknown.body]).toEqual([known.status, known.body]);
    await mailbox.waitFor(emailOf('maren'), /new password/);
    expect(await mailbox.to('stranger@isles.example')).toEqual([]);
  });

  it('is not chosen by a link whose time is over', async () => {
    await TestPerson.signedUp(server.origin, 'late');
    await askForReset(emailOf('late'));
    const token = await mailbox.token(emailOf('late'), /new password/);
    await query('UPDATE mailed_keys SET expires_at = UTC_TIMESTAMP(3) WHERE email = ?', [
      emailOf('late'),
    ]);
    const { body } = await nobody().send('PUT', '/password-resets', { token, password: fresh });
    expect(body).toMatchObject({ code: 'key-opens-nothing' });
  });

  it('is not asked for at will', async () => {
    const statuses: number[] = [];
    for (let tried = 0; tried < 6; tried += 1)
      statuses.push((await askForReset('flooded@isles.example')).status);
    expect(statuses.slice(0, 4)).toEqual([202, 202, 202, 202]);
    expect(statuses).toContain(429);
  });
});

describe('another address', () => {
  const asked = async (name: string, to: string) => {
    const person = await TestPerson.signedUp(server.origin, name);
    const sent = await person.send('PUT', '/account/email', { current: old, email: to });
    expect(sent.status).toBe(202);
    const before = await mailbox.token(emailOf(name), /another address/);
    return { person, old: before, fresh: await mailbox.token(to, /go by this address/) };
  };
  const agree = (side: 'old' | 'new', token: string, origin = server.origin) =>
    nobody(origin).send<{ changed: boolean; code: string }>('POST', `/account/email/${side}`, {
      token,
    });

  it('takes the place of the one before once both have agreed, in either order', async () => {
    const { person, old: at, fresh: to } = await asked('tove', 'tove@moved.example');
    expect((await agree('new', at)).body).toMatchObject({ code: 'key-opens-nothing' });
    expect((await agree('new', to)).body).toEqual({ changed: false });
    expect((await signIn('tove@moved.example', old)).status).toBe(401);
    expect((await agree('old', at)).body).toEqual({ changed: true });
    expect((await signIn('tove@moved.example', old)).status).toBe(200);
    expect((await signIn(emailOf('tove'), old)).status).toBe(401);
    expect((await person.send<Account>('GET', '/account')).body.person.email).toBe(
      'tove@moved.example',
    );
    for (const email of [emailOf('tove'), 'tove@moved.example'])
      expect((await mailbox.waitFor(email, 'was changed')).text).toContain(
        'goes by tove@moved.example now',
      );
  });

  it('is changed once by two who agree at the same moment, at two servers', async () => {
    for (let round = 0; round < 6; round += 1) {
      const name = `both${round}`;
      const { old: at, fresh: to } = await asked(name, `${name}@moved.example`);
      const answers = await Promise.all([agree('old', at), agree('new', to, beside.origin)]);
      expect(answers.map(({ body }) => body.changed ?? body.code).sort()).toEqual([false, true]);
    }
  });

  it('is refused when another account goes by it, and asked for anew ends what was asked before', async () => {
    const first = await asked('wren', 'wren@moved.example');
    const again = await first.person.send('PUT', '/account/email', {
      current: old,
      email: emailOf('late'),
    });
    expect(again.status).toBe(202);
    expect((await agree('old', first.old)).body).toMatchObject({ code: 'key-opens-nothing' });
    const token = await mailbox.token(emailOf('late'), /go by this address/);
    await mailbox.waitFor(emailOf('wren'), /another address/);
    const { text } = (await mailbox.to(emailOf('wren')))[0] ?? { text: '' };
    expect((await agree('new', token)).body).toEqual({ changed: false });
    const taken = await agree('old', /#([\w-]+)/.exec(text)?.[1] ?? '');
    expect(taken.body).toMatchObject({ code: 'address-taken' });
    expect((await signIn(emailOf('wren'), old)).status).toBe(200);
  });

  it('is asked for with the password alone', async () => {
    const person = await TestPerson.signedUp(server.origin, 'guessed');
    const body = { current: 'not this one', email: 'mine@elsewhere.example' };
    const { status, body: refused } = await person.send('PUT', '/account/email', body);
    expect([status, refused]).toMatchObject([422, { fields: [{ field: 'current' }] }]);
    expect(await mailbox.to('mine@elsewhere.example')).toEqual([]);
  });
});

describe('a second factor', () => {
  const setUp = async (name: string) => {
    await earlyInStep();
    const person = await TestPerson.signedUp(server.origin, name);
    const elsewhere = (await signIn(emailOf(name), old)).person;
    const begun = await person.send<Secret>('POST', '/account/second-factor', { current: old });
    const { secret, address } = begun.body;
    expect(address).toContain(`Stand%20Mark:${name}%40isles.example?issuer=Stand%20Mark`);
    // Until a code was shown it is asked for by nothing.
    expect((await signIn(emailOf(name), old)).status).toBe(200);
    const wrong = await person.send('PUT', '/account/second-factor', { code: '000000' });
    expect(wrong.body).toMatchObject({ code: 'wrong-code', fields: [{ field: 'code' }] });
    const { body } = await person.send<{ codes: string[] }>('PUT', '/account/second-factor', {
      code: codeOf(secret, -1),
    });
    expect(body.codes).toHaveLength(10);
    return { person, elsewhere, secret, codes: body.codes };
  };

  it('is asked for at the sign-in, takes each code once, and ends sessions that were without it', async () => {
    const { person, elsewhere, secret } = await setUp('hale');
    expect(await Promise.all([person, elsewhere].map(isIn))).toEqual([true, false]);
    expect((await signIn(emailOf('hale'), old)).body).toMatchObject({ code: 'code-wanted' });
    expect((await signIn(emailOf('hale'), 'not this one', codeOf(secret))).body).toMatchObject({
      code: 'wrong-password',
    });
    expect((await signIn(emailOf('hale'), old, codeOf(secret))).status).toBe(200);
    expect((await signIn(emailOf('hale'), old, codeOf(secret))).body).toMatchObject({
      code: 'wrong-code',
    });
    expect((await signIn(emailOf('hale'), old, codeOf(secret, -1))).status).toBe(401);
    expect((await signIn(emailOf('hale'), old, codeOf(secret, 1))).status).toBe(200);
  });

  it('gives way to a recovery code, each once, and to new ones that end those of before', async () => {
    const { person, secret, codes } = await setUp('ines');
    const [first = '', second = ''] = codes;
    expect((await signIn(emailOf('ines'), old, first.toUpperCase())).status).toBe(200);
    expect((await signIn(emailOf('ines'), old, first)).status).toBe(401);
    const left = async () => (await person.send<Account>('GET', '/account')).body.secondFactor;
    expect(await left()).toEqual({ on: true, demanded: false, recoveryCodes: 9 });
    const asked = { current: old, code: codeOf(secret) };
    const renewed = await person.send<{ codes: string[] }>(
      'POST',
      '/account/recovery-codes',
      asked,
    );
    expect(renewed.body.codes).toHaveLength(10);
    expect((await signIn(emailOf('ines'), old, second)).status).toBe(401);
    expect((await signIn(emailOf('ines'), old, renewed.body.codes[0])).status).toBe(200);
  });

  it('is taken away with the password and a code, and told of by mail', async () => {
    const { person, secret } = await setUp('jory');
    const without = await person.send('DELETE', '/account/second-factor', { current: old });
    expect(without.status).toBe(422);
    const stranger = await TestPerson.signedUp(server.origin, 'none');
    const none = await stranger.send('POST', '/account/recovery-codes', {
      current: old,
      code: '000000',
    });
    expect(none.body).toMatchObject({ code: 'no-second-factor' });
    const wrong = { current: old, code: '000000' };
    expect((await person.send('DELETE', '/account/second-factor', wrong)).status).toBe(422);
    const right = { current: old, code: codeOf(secret) };
    expect((await person.send('DELETE', '/account/second-factor', right)).status).toBe(200);
    expect((await signIn(emailOf('jory'), old)).status).toBe(200);
    await mailbox.waitFor(emailOf('jory'), 'was changed');
  });

  it('outlasts a new password that was chosen by mail', async () => {
    const { secret } = await setUp('kit');
    await askForReset(emailOf('kit'));
    const token = await mailbox.token(emailOf('kit'), /new password/);
    await nobody().send('PUT', '/password-resets', { token, password: fresh });
    expect((await signIn(emailOf('kit'), fresh)).body).toMatchObject({ code: 'code-wanted' });
    expect((await signIn(emailOf('kit'), fresh, codeOf(secret))).status).toBe(200);
  });
});

it('sends a mail later that could not be sent, by either server, once', async () => {
  await TestPerson.signedUp(server.origin, 'patient');
  // As one that was put off by a server for mails that was away.
  await query(
    "INSERT INTO mails (letter, email, details, tries, next_at) VALUES ('invitation', 'patient@isles.example', '{\"by\":\"maren\"}', 3, UTC_TIMESTAMP(3))",
  );
  await Promise.all(
    [server, beside].map(({ origin }) =>
      nobody(origin).send('POST', '/password-resets', { email: 'nudge@isles.example' }),
    ),
  );
  await mailbox.waitFor(emailOf('patient'), 'You are invited');
  await new Promise((done) => setTimeout(done, 300));
  expect(await mailbox.to(emailOf('patient'))).toHaveLength(1);
  expect(await query('SELECT * FROM mails WHERE email = ?', [emailOf('patient')])).toEqual([]);
});
