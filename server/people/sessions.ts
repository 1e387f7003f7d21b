import { parse } from 'cookie';
import { and, eq, gt, inArray, lt } from 'drizzle-orm';
import type { Request, Response } from 'express';
import type { Person } from '../../contract';
import { askTogether, type Database, tables } from '../database';
import { notSignedIn } from '../http';
import { hashOfToken, makeToken } from './tokens';

const cookieName = 'stand-mark-session';
const days = 14;

/** Starts a session and gives the browser its cookie. */
export async function startSession(database: Database, response: Response, person: Person) {
  const token = makeToken(32);
  const expiresAt = new Date(Date.now() + days * 86_400_000);
  const { sessions } = tables;
  await database.delete(sessions).where(lt(sessions.expiresAt, new Date()));
  await database
    .insert(sessions)
    .values({ tokenHash: hashOfToken(token), personId: person.id, expiresAt });
  setCookie(response, token, days * 86_400);
}

/** Ends the session of a request, if it has one. */
export async function endSession(database: Database, request: Request, response: Response) {
  const session = sessionOf(request);
  if (session) await database.delete(tables.sessions).where(eq(tables.sessions.tokenHash, session));
  setCookie(response, '', 0);
}

/** Who is behind each of several sessions, those that live. */
const personOf = askTogether(async (database: Database, hashes: readonly string[]) => {
  const { sessions, people } = tables;
  const rows = await database
    .select({ hash: sessions.tokenHash, id: people.id, name: people.name, email: people.email })
    .from(sessions)
    .innerJoin(people, eq(people.id, sessions.personId))
    .where(and(inArray(sessions.tokenHash, [...hashes]), gt(sessions.expiresAt, new Date())));
  const found = new Map(rows.map(({ hash, ...person }) => [hash, person]));
  return hashes.map((hash): Person | null => found.get(hash) ?? null);
});

/** Who sends a request; null without a live session. */
export async function signedIn(database: Database, request: Request): Promise<Person | null> {
  const session = sessionOf(request);
  return session ? personOf(database, session) : null;
}

/**
 * Who sends a request.
 * @throws Refusal 401 without a live session
 */
export async function requirePerson(database: Database, request: Request): Promise<Person> {
  const person = await signedIn(database, request);
  if (!person) throw notSignedIn();
  return person;
}

/** What a session is known by in the database; null without one. */
export const sessionOf = (request: Request): string | null => {
  const token = tokenOf(request);
  return token ? hashOfToken(token) : null;
};

const tokenOf = (request: Request) => parse(request.get('cookie') ?? '')[cookieName];

function setCookie(response: Response, value: string, seconds: number) {
  const secure = response.req.secure;
  response.cookie(cookieName, value, {
    httpOnly: true,
    sameSite: 'lax',
    secure,
    path: '/',
    maxAge: seconds * 1000,
  });
}
