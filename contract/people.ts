import { boolean, type InferType, mixed, number, object, string } from 'yup';

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

export const signUpBody = object({
  email,
  name: string().trim().required('Write your name.').max(80),
  password: string()
    .required('Choose a password.')
    .min(10, 'Choose a password of at least 10 characters.')
    .max(200),
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
