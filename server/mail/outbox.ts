import { and, asc, eq, lte, sql } from 'drizzle-orm';
import { type Database, type Queries, tables } from '../database';
import { makeKey } from '../keys';
import { settings } from '../settings';
import type { Letter, MailDetails } from './letter';
import { letters } from './letters';
import { sendBySmtp } from './smtp';

const { mails } = tables;

type Mail = typeof mails.$inferSelect;

/** Mails that are looked for at once; they are sent one after another. */
const atOnce = 20;

/**
 * Has a mail sent soon, or not at all where none can be.
 * @param queries the transaction of what it tells, if there is one
 * @param mail which letter, to whom, and what it tells; nothing secret, which goes into its link
 */
export async function postMail(
  queries: Queries,
  mail: {
    letter: keyof typeof letters;
    email: string;
    personId?: number | null;
    details?: MailDetails;
  },
): Promise<void> {
  if (!settings.smtp) return;
  await queries.insert(mails).values({ details: {}, ...mail, nextAt: sql`UTC_TIMESTAMP(3)` });
}

let sending: Promise<void> | null = null;

/**
 * Sends what waits to be sent. Each mail is one server's at a time: whoever sets its next time sends it;
 * one that could not be sent is tried then.
 */
export async function sendMails(database: Database): Promise<void> {
  if (!settings.smtp) return;
  const due = lte(mails.nextAt, sql`UTC_TIMESTAMP(3)`);
  const send = async () => {
    for (let left = true; left;) {
      const waiting = await database
        .select()
        .from(mails)
        .where(due)
        .orderBy(asc(mails.nextAt))
        .limit(atOnce);
      for (const mail of waiting) await sendOne(database, mail);
      left = waiting.length === atOnce;
    }
  };
  // What was posted while others were sent is looked for when those are.
  sending = (sending ?? Promise.resolve())
    .then(send)
    .catch((error: unknown) => console.error('mails are left to the next time:', error));
  return sending;
}

async function sendOne(database: Database, mail: Mail) {
  const own = and(eq(mails.id, mail.id), eq(mails.tries, mail.tries));
  const minutes = 2 ** mail.tries;
  const [{ affectedRows }] = await database
    .update(mails)
    .set({
      tries: mail.tries + 1,
      nextAt: sql`UTC_TIMESTAMP(3) + INTERVAL ${minutes} MINUTE`,
    })
    .where(own);
  if (affectedRows === 0) return;
  try {
    await sendBySmtp(await put(database, mail));
  } catch (error) {
    console.error(`mail ${mail.id} could not be sent:`, error);
    if (mail.tries + 1 < settings.mailTries) return;
    console.error(`mail ${mail.id} is given up after ${settings.mailTries} tries`);
  }
  await database.delete(mails).where(eq(mails.id, mail.id));
}

/** Puts a mail into words; its key is made now, so that what waits opens nothing. */
async function put(database: Database, { letter, email, personId, details }: Mail) {
  const { opens, subject, paragraphs }: Letter = letters[letter as keyof typeof letters];
  const key = opens && { kind: opens.kind, personId, email, details };
  const token = key ? await makeKey(database, key, opens.minutes) : '';
  const link = `${settings.address}/${opens?.page}#${token}`;
  return { to: email, subject, text: `${paragraphs(link, details).join('\n\n')}\n` };
}
