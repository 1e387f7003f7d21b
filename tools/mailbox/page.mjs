// @ts-check
import { createElement as h } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';

/** @typedef {import('../mailbox.mjs').Mail} Mail */

/**
 * A page with all mails, the latest first.
 * @param {readonly Mail[]} mails
 * @returns {string} HTML; whatever is in the mails is text in it
 */
export const mailboxPage = (mails) =>
  `<!doctype html>${renderToStaticMarkup(
    h(
      'html',
      { lang: 'en-GB' },
      h(
        'head',
        null,
        h('meta', { charSet: 'utf-8' }),
        h('meta', { name: 'viewport', content: 'width=device-width' }),
        h('title', null, 'Mailbox of the demo'),
        h('link', { rel: 'stylesheet', href: '/mailbox.css' }),
      ),
      h(
        'body',
        null,
        h(
          'header',
          null,
          h('h1', null, 'Mailbox'),
          h(
            'p',
            null,
            'What Stand Mark has sent, to whomever. Nothing here has gone anywhere else. ',
            h('a', { href: '/' }, 'Look again'),
          ),
        ),
        h(
          'main',
          null,
          mails.length === 0
            ? h('p', { className: 'none' }, 'No mail yet.')
            : mails.map((mail, place) => h(Letter, { ...mail, key: mails.length - place })),
        ),
      ),
    ),
  )}`;

/** @param {Mail} mail */
function Letter({ to, from, subject, text, at }) {
  return h(
    'article',
    null,
    h('h2', null, subject),
    h(
      'p',
      { className: 'way' },
      `to ${to}, from ${from}, `,
      h('time', { dateTime: at }, new Date(at).toLocaleString('en-GB')),
    ),
    text
      .split(/\n\s*\n/)
      .map((paragraph, place) =>
        h('p', { key: place }, paragraph.split(/(https?:\/\/\S+)/).map(part)),
      ),
  );
}

/** @param {string} text @param {number} place */
const part = (text, place) =>
  /^https?:\/\//.test(text) ? h('a', { key: place, href: text }, text) : text;

export const mailboxStyle = `
body { margin: 0; background: #f2f5f4; color: #14222b; font: 15px/1.5 Archivo, system-ui, sans-serif; }
header, main { max-width: 720px; margin: 0 auto; padding: 24px 20px 0; }
main { padding-bottom: 48px; }
h1 { margin: 0; font-size: 24px; }
h2 { margin: 0; font-size: 17px; }
article { margin-top: 16px; padding: 18px 22px 8px; background: #fff; border: 1px solid #d9e0e0; }
p { margin: 8px 0; overflow-wrap: anywhere; }
.way, .none, header p { color: #4a5a63; }
a { color: #0b5351; }
a:focus-visible { outline: 2px solid #0b5351; outline-offset: 2px; }
`;
