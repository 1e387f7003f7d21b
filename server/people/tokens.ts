import { createHash, randomBytes } from 'node:crypto';

/** Tokens are kept as hashes alone: who reads the database can act for nobody. */
export const hashOfToken = (token: string) => createHash('sha256').update(token).digest('hex');

/** A token that nobody can guess, written so that it can stand in an address. */
export const makeToken = (bytes: number) => randomBytes(bytes).toString('base64url');
