import { array, boolean, type InferType, number, object, string } from 'yup';
import { chosenPassword, email, name, personShape } from './people';

export const nameBody = object({ name });

/** What is asked of somebody whose page is open, so that an open page is not enough. */
const current = string().required('Write the password that you have now.').max(200);

/** A code of a second factor, or a recovery code; blanks and dashes in it are the reader's. */
const code = string()
  .transform((text: string) => text.replace(/[\s-]/g, '').toLowerCase())
  .matches(/^[0-9a-z]{6,16}$/, 'Write the six digits that are shown now, or a recovery code.');

export const passwordBody = object({ current, password: chosenPassword });
export const emailBody = object({ current, email });
export const currentBody = object({ current });
export const codeBody = object({ code: code.required('Write the six digits that are shown now.') });
export const currentAndCodeBody = object({ current, code: code.required('Write a code.') });
export const leavingBody = object({
  current,
  code,
  /** who takes over what one owns; null: it is deleted */
  heirId: number().nullable().defined(),
});

/** A key that came by mail. */
const token = string().required('The link is not whole. Open it from the mail anew.').max(100);
export const tokenBody = object({ token });
export const resetAskedBody = object({ email });
export const resetBody = object({ token, password: chosenPassword });
export const joinBody = object({ token, name, password: chosenPassword });
export const invitationBody = object({ email });

/** One's own account, with the places where one is signed in. */
export const accountShape = object({
  person: personShape.required(),
  sessions: array(
    object({
      id: string().required(),
      /** what it was begun with, in words */
      browser: string().required(),
      since: string().required(),
      /** to some minutes */
      lastUsed: string().required(),
      /** the one that asks */
      current: boolean().required(),
    }).required(),
  ).required(),
  secondFactor: object({
    on: boolean().required(),
    /** whether everybody must have one */
    demanded: boolean().required(),
    recoveryCodes: number().required(),
  }).required(),
  /** whether mails can be sent, without which no address is changed */
  mail: boolean().required(),
  mayInvite: boolean().required(),
});
export type Account = InferType<typeof accountShape>;

/** What a program that shows codes is told, once. */
export const secretShape = object({ secret: string().required(), address: string().required() });
export type Secret = InferType<typeof secretShape>;

export const recoveryCodesShape = object({ codes: array(string().required()).required() });
export type RecoveryCodes = InferType<typeof recoveryCodesShape>;

const titled = object({ id: number().required(), title: string().required() });

/** What somebody owns, and who could take it over. */
export const belongingsShape = object({
  dashboards: array(titled).required(),
  sources: array(titled).required(),
  /** charts on colleagues' dashboards that draw from these sources */
  othersCharts: number().required(),
  /** people whom one shares a dashboard with */
  heirs: array(personShape.required()).required(),
});
export type Belongings = InferType<typeof belongingsShape>;
