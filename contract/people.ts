import { boolean, type InferType, mixed, number, object, string } from 'yup';

export const email = string()
  .trim()
  .lowercase()
  .email('Write an e-mail address.')
  .max(200)
  .required('Write an e-mail address.');

export const signInBody = object({
  email,
  password: string().required('Write the password.').max(200),
  /** of a second factor, once it is asked for */
  code: string().max(40),
});

export const name = string().trim().required('Write your name.').max(80);

/** What the server holds it to besides is said when it is sent. */
export const chosenPassword = string()
  .required('Choose a password.')
  .min(10, 'Choose a password of at least 10 characters.')
  .max(128, 'Choose a password of at most 128 characters.');

export const signUpBody = object({ email, name, password: chosenPassword });

export const demoRoles = ['author', 'reader'] as const;
export const demoSignInBody = object({
  as: mixed<(typeof demoRoles)[number]>().oneOf(demoRoles).required(),
});

export const personShape = object({
  id: number().required(),
  name: string().required(),
  email: string().required(),
});
export type Person = InferType<typeof personShape>;

export const joinings = ['open', 'invitation', 'closed'] as const;

/** Who is signed in, and what this server lets people do. */
export const sessionShape = object({
  person: personShape.nullable().defined().default(null),
  /** whether the demo people can be entered with one click */
  demo: boolean().required(),
  /** who may make an account */
  joining: mixed<(typeof joinings)[number]>().oneOf(joinings).required(),
  /** whether an account is made when a mailed link is opened, and not before */
  signUpByMail: boolean().required(),
  /** whether mails can be sent, without which nobody can choose a new password */
  mail: boolean().required(),
  /** whether a second factor must be set up before anything else is opened */
  secondFactorMissing: boolean().required(),
  /** whether they may read what was done by whom */
  auditor: boolean().required(),
});
export type Session = InferType<typeof sessionShape>;
