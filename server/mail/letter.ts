import type { tables } from '../database';
import type { MailedKind } from '../keys';

export type MailDetails = (typeof tables.mails.$inferSelect)['details'];

/** A kind of mail: what it says, and what its link opens. */
export interface Letter {
  /** what a link of it opens, on which page and for how many minutes; none: it has no link */
  opens?: { kind: MailedKind; page: string; minutes: number };
  subject: string;
  /**
   * What it says, a paragraph each.
   * @param link to the page that it opens
   * @param details what is told of the occasion
   */
  paragraphs(link: string, details: MailDetails): string[];
}
