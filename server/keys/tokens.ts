import { createHash, randomBytes } from 'node:crypto';

/**
 * Tokens are kept as hashes alone: who reads the database can act for nobody.
 * @param token as its holder has it
 * @returns SHA-256, in hexadecimal digits
 */
export const hashOfToken = (token: string) => createHash('sha256').update(token).digest('hex');

/**
 * A token that nobody can guess, written so that it can stand in an address.
 * @param bytes of randomness
 */
export const makeToken = (bytes: number) => randomBytes(bytes).toString('base64url');
