import { type ChildProcess, spawn } from 'node:child_process';

/** A mail as it arrived. */
export interface SentMail {
  to: string;
  subject: string;
  text: string;
}

/** A simulated mailbox that servers send to. */
export interface TestMailbox {
  /** what a server is to be told */
  env: { STAND_MARK_SMTP: string };
  /** mails to an address, the latest first */
  to: (email: string) => Promise<SentMail[]>;
  /** the latest mail to an address by its subject, once it is there */
  waitFor: (email: string, subject: string | RegExp) => Promise<SentMail>;
  /** what the link of the latest mail to an address opens with */
  token: (email: string, subject: string | RegExp) => Promise<string>;
  stop: () => void;
}

const longestWait = 20_000;

/** Starts the mailbox that ships with the demo. */
export async function startMailbox(): Promise<TestMailbox> {
  const child = spawn(process.execPath, ['tools/mailbox.mjs'], {
    stdio: ['ignore', 'pipe', 'inherit', 'ipc'],
  });
  const printed = await saidAll(child);
  const [smtp = '', page = ''] = printed.match(/(?:smtp|http):\/\/\S+/g) ?? [];
  const all = async () => (await (await fetch(`${page}/mails.json`)).json()) as SentMail[];
  const to = async (email: string) => (await all()).filter((mail) => mail.to === email);
  const waitFor = async (email: string, subject: string | RegExp) => {
    for (const end = Date.now() + longestWait; Date.now() < end;) {
      const found = (await to(email)).find((mail) => new RegExp(subject).test(mail.subject));
      if (found) return found;
      await new Promise((next) => setTimeout(next, 50));
    }
    throw new Error(`No mail “${subject}” to ${email}: ${JSON.stringify(await all())}`);
  };
  return {
    env: { STAND_MARK_SMTP: smtp },
    to,
    waitFor,
    token: async (email, subject) =>
      /#([\w-]+)/.exec((await waitFor(email, subject)).text)?.[1] ?? '',
    stop: () => void child.kill('SIGTERM'),
  };
}

/** What it prints, once it has told both of its addresses. */
function saidAll(child: ChildProcess): Promise<string> {
  return new Promise((resolve, reject) => {
    let output = '';
    child.stdout?.on('data', (chunk) => {
      output += String(chunk);
      if (/http:\/\/.*\n/.test(output)) resolve(output);
    });
    child.once('close', () => reject(new Error(`The mailbox ended: ${output}`)));
  });
}
