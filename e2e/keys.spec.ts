import type { Page } from '@playwright/test';
import {
  codeOf,
  earlyInStep,
  startMailbox,
  startServer,
  type TestMailbox,
  type TestServer,
} from '../server/testing';
import { expect, makeAccount, test as base } from './fixtures';

/** A server whose mails go to the mailbox of the demo. */
interface Mailed {
  server: TestServer;
  origin: string;
  mailbox: TestMailbox;
}

const test = base.extend<object, { mailed: Mailed }>({
  mailed: [
    async ({}, use) => {
      const mailbox = await startMailbox();
      const env = { ...mailbox.env, STAND_MARK_AUDITORS: 'hesper@workshop.example' };
      const server = await startServer({ env });
      await use({ server, origin: server.origin, mailbox });
      await server.stop();
      mailbox.stop();
    },
    { scope: 'worker', timeout: 240_000 },
  ],
});

const part = (page: Page, name: string) => page.getByRole('region', { name });

async function toAccount(page: Page, name: string) {
  await page.getByRole('button', { name, exact: true }).click();
  await page.getByRole('menuitem', { name: 'Account', exact: true }).click();
  await page.getByRole('heading', { name: 'Account', exact: true }).waitFor();
}

async function signIn(page: Page, email: string, password: string) {
  await page.getByLabel('E-mail').fill(email);
  await page.getByLabel('Password').fill(password);
  await page.getByRole('button', { name: 'Sign in', exact: true }).click();
}

async function signOut(page: Page, name: string) {
  await page.getByRole('button', { name, exact: true }).click();
  await page.getByRole('menuitem', { name: 'Sign out' }).click();
  await page.getByRole('heading', { name: 'Sign in' }).waitFor();
}

/** Sets a second factor up on the account page. @returns the recovery codes that are shown */
async function setUpFactor(page: Page, password: string) {
  const factor = part(page, 'Second factor');
  await factor.getByRole('button', { name: 'Set it up …' }).click();
  await factor.getByLabel('Your password').fill(password);
  await factor.getByRole('button', { name: 'Go on' }).click();
  const secret = (await factor.getByText(/^([A-Z2-7]{4} ){7}/).textContent())?.replace(/ /g, '');
  await earlyInStep();
  await factor.getByLabel('The six digits that the program shows').fill(codeOf(secret ?? '', -1));
  await factor.getByRole('button', { name: 'Set it up' }).click();
  const codes = factor.getByRole('group', { name: 'Recovery codes' }).getByRole('listitem');
  await expect(codes).toHaveCount(10);
  return codes;
}

/** Opens the link of the latest mail. */
async function openMail(page: Page, mailbox: TestMailbox, to: string, subject: string) {
  const { text } = await mailbox.waitFor(to, subject);
  await page.goto(/https?:\S+/.exec(text)?.[0] ?? '');
}

test('a forgotten password is chosen anew by mail, and codes are asked for from then on', async ({
  quietPage: page,
  mailed: { origin, mailbox },
}) => {
  const email = 'hesper@workshop.example';
  await makeAccount(page, origin, 'Hesper');
  await signOut(page, 'Hesper');
  await page.getByRole('link', { name: 'Forgotten the password?' }).click();
  await page.getByLabel('E-mail of your account').fill(email);
  await page.getByRole('button', { name: 'Send me the link' }).click();
  await expect(page.getByRole('status')).toContainText(`If ${email} has an account`);
  await openMail(page, mailbox, email, 'Choose a new password');
  await page.getByLabel('New password').fill('1234567890');
  await page.getByRole('button', { name: 'Change the password' }).click();
  await expect(page.getByRole('alert')).toContainText('one of those that are tried first');
  await page.getByLabel('New password').fill('a lantern under the pier');
  await page.getByRole('button', { name: 'Change the password' }).click();
  await expect(page.getByRole('status')).toContainText(`The password of ${email} is changed`);
  await page.getByRole('link', { name: 'Sign in' }).click();
  await signIn(page, email, 'a lantern under the pier');
  await toAccount(page, 'Hesper');

  const factor = part(page, 'Second factor');
  const codes = await setUpFactor(page, 'a lantern under the pier');
  const recovery = (await codes.first().textContent()) ?? '';
  await factor.getByRole('button', { name: 'I have kept them' }).click();
  await expect(factor).toContainText('You have 10 recovery codes left.');

  await signOut(page, 'Hesper');
  await signIn(page, email, 'a lantern under the pier');
  const code = page.getByLabel('The code that is shown now, or a recovery code');
  await code.fill('000000');
  await page.getByRole('button', { name: 'Sign in', exact: true }).click();
  await expect(page.getByRole('alert')).toContainText('This code is not right');
  await code.fill(recovery);
  await page.getByRole('button', { name: 'Sign in', exact: true }).click();
  await page.getByRole('heading', { name: 'Account', exact: true }).waitFor();
  await expect(factor).toContainText('You have 9 recovery codes left.');

  await page.getByRole('button', { name: 'Hesper', exact: true }).click();
  await page.getByRole('menuitem', { name: 'What was done' }).click();
  const rows = page.getByRole('table', { name: 'What was done' }).getByRole('row');
  await expect(rows.filter({ hasText: 'used a recovery code' })).toHaveCount(1);
  await page.getByLabel('Who, by address').fill('nobody@workshop.example');
  await page.getByRole('button', { name: 'Look' }).click();
  await expect(page.getByText('Nothing of the kind was done.')).toBeVisible();
});

test('an address is changed by mail, a colleague is invited, and takes over what is left', async ({
  quietPage: page,
  browser,
  mailed: { origin, mailbox },
}) => {
  await makeAccount(page, origin, 'Corin');
  await page.getByRole('button', { name: 'New dashboard' }).first().click();
  await page.getByLabel('Title').fill('Harbour board');
  await page.getByRole('button', { name: 'Make it' }).click();
  await page.getByRole('button', { name: 'Share' }).click();
  await page.getByLabel('E-mail of a colleague').fill('isa@workshop.example');
  await page.getByRole('button', { name: 'Give access' }).click();
  await page.getByRole('button', { name: /^Take back access from isa/ }).waitFor();
  const board = page.url();
  await page.goto(`${origin}/account`);
  const address = part(page, 'Address');
  await address.getByLabel('The other address').fill('corin@moved.example');
  await address.getByLabel('Your password').fill('a longer secret');
  await address.getByRole('button', { name: 'Ask for the other address' }).click();
  await expect(address.getByRole('status')).toContainText(
    'Mails to corin@workshop.example and corin@moved',
  );
  const invite = part(page, 'Invite a colleague');
  await invite.getByLabel('E-mail of the colleague').fill('isa@workshop.example');
  await invite.getByRole('button', { name: 'Send the invitation' }).click();
  await expect(invite.getByRole('status')).toContainText('A mail to isa@workshop.example');

  await openMail(page, mailbox, 'corin@moved.example', 'An account is to go by this address');
  await page.getByRole('button', { name: 'I agree' }).click();
  await expect(page.getByRole('status')).toContainText('The mail to the previous address is still');
  await openMail(page, mailbox, 'corin@workshop.example', 'another address');
  await page.getByRole('button', { name: 'I agree' }).click();
  await expect(page.getByRole('status')).toContainText('sign in by the new one');

  const colleague = await (await browser.newContext()).newPage();
  await openMail(colleague, mailbox, 'isa@workshop.example', 'You are invited');
  await colleague.getByLabel('Your name').fill('Isa');
  await colleague.getByLabel('Password').fill('rowing against the tide');
  await colleague.getByRole('button', { name: 'Make the account' }).click();
  await expect(colleague.getByRole('status')).toContainText('Sign in by isa@workshop.example');
  await colleague.goto(board);
  await signIn(colleague, 'isa@workshop.example', 'rowing against the tide');
  await colleague.getByRole('heading', { name: 'Harbour board' }).waitFor();

  await page.goto(`${origin}/account`);
  await expect(page.getByText('corin@moved.example').first()).toBeVisible();
  const leaving = part(page, 'Delete the account');
  await leaving.getByRole('button', { name: 'Delete the account …' }).click();
  await expect(leaving).toContainText(
    'One dashboard is deleted, for everybody who sees it: “Harbour board”.',
  );
  await leaving.getByRole('combobox', { name: 'Who takes over what you own' }).click();
  await page.locator('.ant-select-item-option:visible').getByText(/^Isa,/).click();
  await expect(leaving).toContainText('One dashboard is handed over to Isa: “Harbour board”.');
  await leaving.getByLabel('Your password').fill('a longer secret');
  await leaving.getByRole('button', { name: 'Hand over and delete the account' }).click();
  await page.getByRole('heading', { name: 'Sign in' }).waitFor();
  await signIn(page, 'corin@moved.example', 'a longer secret');
  await expect(page.getByRole('alert')).toContainText('do not match');
  await colleague.reload();
  await colleague.getByRole('button', { name: 'Share' }).waitFor();
  await colleague.context().close();
});

test('a second factor that is asked of everybody is set up before anything else is opened', async ({
  quietPage: page,
  mailed: { server },
}) => {
  await makeAccount(page, server.origin, 'Lowen');
  const demanding = await startServer({ beside: server, env: { STAND_MARK_SECOND_FACTOR: '1' } });
  await page.goto(`${demanding.origin}/sources`);
  const factor = part(page, 'Second factor');
  await expect(factor).toContainText('It is asked of everybody here');
  await setUpFactor(page, 'a longer secret');
  await factor.getByRole('button', { name: 'I have kept them' }).click();
  await page.getByRole('link', { name: 'Sources' }).click();
  await page.getByRole('heading', { name: 'Sources' }).waitFor();
  await demanding.stop();
});
