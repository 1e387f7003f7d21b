import { array, boolean, type InferType, mixed, number, object, string } from 'yup';

const email = string()
  .trim()
  .lowercase()
  .email('Write an e-mail address.')
  .max(200)
  .required('Write an e-mail address.');

export const signInBody = object({
  email,
  password: string().required('Write the password.').max(200),
});

const name = string().trim().required('Write your name.').max(80);

/** What the server holds it to besides is said when it is sent. */
const chosenPassword = string()
  .required('Choose a password.')
  .min(10, 'Choose a password of at least 10 characters.')
  .max(200, 'Choose a password of at most 200 characters.');

export const signUpBody = object({ email, name, password: chosenPassword });

export const nameBody = object({ name });

export const passwordBody = object({
  current: string().required('Write the password that you have now.').max(200),
  password: chosenPassword,
});

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

/** Who is signed in, and whether the demo people can be entered with one click. */
export const sessionShape = object({
  person: personShape.nullable().defined().default(null),
  demo: boolean().required(),
});
export type Session = InferType<typeof sessionShape>;

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
});
export type Account = InferType<typeof accountShape>;
