import { Refusal } from '../http';

let known: Promise<ReadonlySet<string>> | null = null;

/** What is tried first by whoever guesses: some 50,000 of them, read when they are first asked for. */
const common = () =>
  (known ??= import('@zxcvbn-ts/language-common').then(
    ({ dictionary }) => new Set(dictionary['passwords-common']),
  ));

const plain = (text: string) => text.toLowerCase().replace(/\s/g, '');

/**
 * Holds a password that is chosen to what makes it easily guessed.
 * @param of whose it is to be
 * @throws Refusal 422 when it is a common one, or their name or address
 */
export async function requireFit(
  password: string,
  of: { name: string; email: string },
): Promise<void> {
  const chosen = plain(password);
  const own = [of.name, of.email, of.email.split('@')[0] ?? ''].map(plain);
  if (own.includes(chosen)) throw weak('This password is your name or your address.');
  if ((await common()).has(chosen))
    throw weak('This password is one of those that are tried first.');
}

function weak(reason: string): Refusal {
  const sentence = `${reason} Choose another, of some words that nobody would put together.`;
  return new Refusal(
    422,
    { code: 'weak-password', sentence },
    { fields: [{ field: 'password', sentence }] },
  );
}
