import { array, type InferType, mixed, number, object, string } from 'yup';

/** What is written down when it is done, in words. */
export const acts = {
  'sign-in': 'signed in',
  'sign-in-failed': 'did not get in',
  'sessions-ended': 'signed out elsewhere',
  'sign-up': 'made an account',
  invitation: 'invited',
  'reset-asked': 'asked for a new password',
  reset: 'chose a new password by mail',
  password: 'changed the password',
  'address-asked': 'asked for another address',
  address: 'changed the address',
  'second-factor': 'set a second factor up',
  'second-factor-removed': 'took the second factor away',
  'recovery-codes': 'took new recovery codes',
  'recovery-code': 'used a recovery code',
  leaving: 'deleted the account',
  sharing: 'shared',
  'sharing-ended': 'took access back',
  link: 'made a link',
  'link-removed': 'removed a link',
  removal: 'removed',
  restore: 'brought back',
  'file-out': 'took out as a file',
  'audit-read': 'read this list',
} as const;
export type Act = keyof typeof acts;

/** How it ended; begun: nobody has said yet, or could any more. */
export const outcomes = ['begun', 'done', 'refused', 'broken'] as const;

/** Of which entries a list is made: by whom, of what, when. */
export const auditQuestion = object({
  email: string().trim().lowercase().max(200),
  thing: string().trim().lowercase().max(60),
  act: mixed<Act>().oneOf(Object.keys(acts) as Act[]),
  /** the first and the last day, in UTC */
  from: string().matches(/^\d{4}-\d{2}-\d{2}$/, 'Write a day as in 2026-11-29.'),
  until: string().matches(/^\d{4}-\d{2}-\d{2}$/, 'Write a day as in 2026-11-29.'),
  /** the entry after which the list goes on */
  before: number().integer().min(1),
});
export type AuditQuestion = InferType<typeof auditQuestion>;

/** Some of what was done, the latest first. */
export const auditShape = object({
  entries: array(
    object({
      id: number().required(),
      at: string().required(),
      act: mixed<Act>().required(),
      outcome: mixed<(typeof outcomes)[number]>().oneOf(outcomes).required(),
      email: string().defined(),
      thing: string().nullable().defined(),
      about: string().nullable().defined(),
      address: string().defined(),
    }).required(),
  ).required(),
  /** where the list goes on; null: there is no more of it */
  next: number().nullable().defined(),
});
export type Audit = InferType<typeof auditShape>;
