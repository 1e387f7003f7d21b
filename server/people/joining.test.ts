import type { Account, Session } from '../../contract';
import {
  codeOf,
  earlyInStep,
  startMailbox,
  startServer,
  type TestMailbox,
  TestPerson,
  type TestServer,
} from '../testing';

const password = 'long enough to be one';
const emailOf = (name: string) => `${name}@isles.example`;

let mailbox: TestMailbox;
let open: TestServer;

beforeAll(async () => {
  mailbox = await startMailbox();
  open = await startServer();
});

afterAll(async () => {
  await open.stop();
  mailbox.stop();
});

/** A server of the same people, with other settings, for a while. */
async function withSettings(env: NodeJS.ProcessEnv, work: (origin: string) => Promise<void>) {
  const server = await startServer({ beside: open, env: { ...mailbox.env, ...env } });
  await work(server.origin).finally(() => server.stop());
}

const signUp = (origin: string, name: string, more = {}) =>
  new TestPerson(origin).send('POST', '/people', { email: emailOf(name), name, password, ...more });

const entered = async (origin: string, name: string) =>
  (await new TestPerson(origin).send('POST', '/session', { email: emailOf(name), password }))
    .status;

it('makes accounts by invitation alone, from whom the settings name, at the address invited', async () => {
  const host = await TestPerson.signedUp(open.origin, 'host');
  const other = await TestPerson.signedUp(open.origin, 'other');
  const env = { STAND_MARK_JOINING: 'invitation', STAND_MARK_INVITERS: emailOf('host') };
  await withSettings(env, async (origin) => {
    expect((await signUp(origin, 'wren')).status).toBe(403);
    expect(await entered(origin, 'wren')).toBe(401);
    const invite = (person: TestPerson, name: string) =>
      person.before(origin).send('POST', '/invitations', { email: emailOf(name) });
    expect((await invite(other, 'wren')).status).toBe(403);
    expect((await invite(host, 'wren')).status).toBe(202);
    const { text } = await mailbox.waitFor(emailOf('wren'), 'You are invited');
    expect(text).toContain('host@isles.example invites you');
    expect(text).toContain('within 14 days');
    const token = await mailbox.token(emailOf('wren'), 'You are invited');
    const weak = { token, name: 'Wren', password: emailOf('wren') };
    const join = (body: object) => new TestPerson(origin).send('POST', '/people/invited', body);
    expect((await join(weak)).body).toMatchObject({ code: 'weak-password' });
    expect((await join({ token, name: 'Wren', password })).body).toEqual({
      email: emailOf('wren'),
    });
    expect(await entered(origin, 'wren')).toBe(200);
    // Who has an account already is told so, and by nothing whoever invites.
    expect((await invite(host, 'other')).status).toBe(202);
    await mailbox.waitFor(emailOf('other'), 'You have an account already');
    const session = (await new TestPerson(origin).send<Session>('GET', '/session')).body;
    expect(session).toMatchObject({ joining: 'invitation', mail: true });
  });
});

it('makes none where joining is closed, and nobody may invite', async () => {
  const host = await TestPerson.signedUp(open.origin, 'closed');
  await withSettings({ STAND_MARK_JOINING: 'closed' }, async (origin) => {
    const refused = await signUp(origin, 'late');
    expect([refused.status, refused.body]).toMatchObject([403, { detail: /No accounts are made/ }]);
    const { body } = await host.before(origin).send<Account>('GET', '/account');
    expect(body.mayInvite).toBe(false);
    const invited = await host.before(origin).send('POST', '/invitations', { email: emailOf('x') });
    expect(invited.status).toBe(403);
  });
});

it('completes an account by mail where it is asked for, and tells nobody who has one', async () => {
  await withSettings({ STAND_MARK_SIGN_UP_BY_MAIL: '1' }, async (origin) => {
    const first = await signUp(origin, 'ines');
    expect(await entered(origin, 'ines')).toBe(401);
    const token = await mailbox.token(emailOf('ines'), 'Complete your account');
    const completed = await new TestPerson(origin).send('POST', '/people/completed', { token });
    expect([completed.status, completed.body]).toEqual([201, { email: emailOf('ines') }]);
    expect(await entered(origin, 'ines')).toBe(200);
    // Once more: the same answer, and another mail.
    const again = await signUp(origin, 'ines', { password: 'another one of these' });
    expect([again.status, again.body]).toEqual([first.status, first.body]);
    await mailbox.waitFor(emailOf('ines'), 'You have an account already');
    expect(await entered(origin, 'ines')).toBe(200);
  });
});

it('opens nothing but the account before a second factor that everybody must have is set up', async () => {
  const kit = await TestPerson.signedUp(open.origin, 'kit');
  await withSettings({ STAND_MARK_SECOND_FACTOR: '1' }, async (origin) => {
    await earlyInStep();
    const there = kit.before(origin);
    const session = async () => (await there.send<Session>('GET', '/session')).body;
    expect(await session()).toMatchObject({ secondFactorMissing: true });
    for (const path of ['/dashboards', '/sources', '/dashboards/1', '/charts/1/frames'])
      expect((await there.send('GET', path)).status).toBe(403);
    expect((await there.send('GET', '/account')).status).toBe(200);
    const begun = await there.send<{ secret: string }>('POST', '/account/second-factor', {
      current: password,
    });
    await there.send('PUT', '/account/second-factor', { code: codeOf(begun.body.secret) });
    expect(await session()).toMatchObject({ secondFactorMissing: false });
    expect((await there.send('GET', '/dashboards')).status).toBe(200);
  });
});

it('says what a server needs that is to send mails and is told of none', async () => {
  for (const env of [{ STAND_MARK_JOINING: 'invitation' }, { STAND_MARK_SIGN_UP_BY_MAIL: '1' }])
    await expect(startServer({ beside: open, env })).rejects.toThrow('Set STAND_MARK_SMTP');
  await expect(startServer({ beside: open, env: { STAND_MARK_JOINING: 'ajar' } })).rejects.toThrow(
    'Set one of: open, invitation, closed',
  );
  const asked = await new TestPerson(open.origin).send('POST', '/password-resets', {
    email: emailOf('kit'),
  });
  expect(asked.body).toMatchObject({ code: 'no-mail' });
});
