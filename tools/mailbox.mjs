// @ts-check
import { createServer } from 'node:http';
import PostalMime from 'postal-mime';
import { SMTPServer } from 'smtp-server';
import { mailboxPage, mailboxStyle } from './mailbox/page.mjs';

/*
 * A mailbox in place of a real server for mails: takes whatever is sent to whomever, sends none of it on,
 * and shows it on a page. On loopback only.
 * Settings: MAILBOX_SMTP_PORT, MAILBOX_PORT (the page's); 0 or none: any that is free.
 */
const host = '127.0.0.1';
const mostKept = 200;
const mostBytes = 1_000_000;

/** @typedef {{ to: string, from: string, subject: string, text: string, at: string }} Mail */

/** @type {Mail[]} the latest first */
const mails = [];

/**
 * @param {AsyncIterable<Buffer>} stream
 * @param {string} to
 */
async function take(stream, to) {
  const parts = [];
  for await (const part of stream) parts.push(part);
  const { from, subject = '', text = '' } = await PostalMime.parse(Buffer.concat(parts));
  const at = new Date().toISOString();
  mails.unshift({ to, from: from?.address ?? '', subject, text: text.trim(), at });
  mails.length = Math.min(mails.length, mostKept);
}

const smtp = new SMTPServer({
  disabledCommands: ['AUTH', 'STARTTLS'],
  size: mostBytes,
  onData(stream, { envelope }, done) {
    const to = envelope.rcptTo.map(({ address }) => address).join(', ');
    take(stream, to).then(() => done(), done);
  },
});

const headers = {
  'Cache-Control': 'no-store',
  'Content-Security-Policy': "default-src 'none'; style-src 'self'; frame-ancestors 'none'",
  'Referrer-Policy': 'no-referrer',
  'X-Content-Type-Options': 'nosniff',
};

/** @type {Record<string, () => [type: string, content: string]>} */
const answers = {
  '/': () => ['text/html; charset=utf-8', mailboxPage(mails)],
  '/mailbox.css': () => ['text/css; charset=utf-8', mailboxStyle],
  '/mails.json': () => ['application/json', JSON.stringify(mails)],
};

const page = createServer((request, response) => {
  // Another name that leads here is another site's, whose pages must not read what was sent.
  const known = /^(127\.0\.0\.1|localhost)(:\d+)?$/.test(request.headers.host ?? '');
  const answer = known && request.method === 'GET' ? answers[request.url ?? ''] : undefined;
  if (!answer) return void response.writeHead(404, headers).end();
  const [type, content] = answer();
  response.writeHead(200, { ...headers, 'Content-Type': type }).end(content);
});

/** @param {import('node:net').Server | SMTPServer} server @param {string} name */
const listen = (server, name) =>
  new Promise((done, failed) => {
    server.on('error', failed);
    server.listen(Number(process.env[name] ?? 0), host, () => done(undefined));
  });

/** @param {import('node:net').Server} server */
const portOf = (server) => /** @type {import('node:net').AddressInfo} */ (server.address()).port;

await listen(smtp, 'MAILBOX_SMTP_PORT');
await listen(page, 'MAILBOX_PORT');
console.log(`stand mark: mails go to smtp://${host}:${portOf(smtp.server)}`);
console.log(`stand mark: the mails that were sent are shown at http://${host}:${portOf(page)}`);
// Ends with whoever has started it.
process.on('disconnect', () => process.exit(0));
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => process.exit(0));
