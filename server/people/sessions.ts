import Bowser from 'bowser';
import { parse } from 'cookie';
import { and, desc, eq, gt, inArray, isNotNull, lt, ne, sql } from 'drizzle-orm';
import type { Request, Response } from 'express';
import type { Account, Person } from '../../contract';
import { askTogether, type Database, type Queries, tables } from '../database';
import { notAllowed, notFound, notSignedIn } from '../http';
import { hashOfToken, makeToken } from '../keys';
import { settings } from '../settings';

const { people, secondFactors, sessions } = tables;

const hour = 3600_000;
const longest = settings.sessionDays * 24 * hour;
const longestIdle = settings.sessionIdleHours * hour;
/** A use is kept when the last that was kept is as long ago, in milliseconds. */
const keptEvery = 5 * 60_000;

/** Who begins a session, and what their password was when it was looked at. */
export interface Entering {
  person: Person;
  passwordHash: string;
}

/**
 * Begins a session in place of the one that a browser came with.
 * @returns its token, for `giveSession`
 * @throws Refusal 401 when the password was changed meanwhile
 */
export async function beginSession(
  queries: Queries,
  request: Request,
  { person, passwordHash }: Entering,
): Promise<string> {
  const token = makeToken(32);
  const now = new Date();
  const before = sessionOf(request);
  await queries.delete(sessions).where(lt(sessions.expiresAt, now));
  if (before) await queries.delete(sessions).where(eq(sessions.tokenHash, before));
  // In one statement: a change of the password ends every session that was begun by the old one.
  const [{ affectedRows }] = (await queries.execute(sql`
    INSERT INTO ${sessions} (token_hash, person_id, created_at, last_used_at, browser, expires_at)
    SELECT ${hashOfToken(token)}, ${people.id}, ${now}, ${now}, ${browserOf(request)}, ${endOf(now, now)}
    FROM ${people} WHERE ${people.id} = ${person.id} AND ${people.passwordHash} = ${passwordHash}
  `)) as unknown as [{ affectedRows: number }];
  if (affectedRows === 0) throw notSignedIn();
  await endLeastUsed(queries, person.id);
  return token;
}

/** Gives the browser that is answered the key of its session. */
export const giveSession = (response: Response, token: string) =>
  setCookie(response, token, longest);

/** When a session ends that is not used again. */
const endOf = (createdAt: Date, usedAt: Date) =>
  new Date(Math.min(createdAt.getTime() + longest, usedAt.getTime() + longestIdle));

/** Ends the session of a request, if it has one, and has the browser forget all of it. */
export async function endSession(database: Database, request: Request, response: Response) {
  const session = sessionOf(request);
  if (session) await database.delete(sessions).where(eq(sessions.tokenHash, session));
  forgetHere(response);
}

/** Ends the sessions of somebody that are one too many, those first that were not used for longest. */
async function endLeastUsed(queries: Queries, personId: number) {
  const own = await queries
    .select({ tokenHash: sessions.tokenHash })
    .from(sessions)
    .where(eq(sessions.personId, personId))
    .orderBy(desc(sessions.lastUsedAt));
  const old = own.slice(settings.sessionsOfPerson).map(({ tokenHash }) => tokenHash);
  if (old.length > 0) await queries.delete(sessions).where(inArray(sessions.tokenHash, old));
}

/** Ends all sessions of somebody. */
export async function endSessions(queries: Queries, personId: number) {
  await queries.delete(sessions).where(eq(sessions.personId, personId));
}

/** Ends all sessions of somebody but one. */
export async function endOtherSessions(
  queries: Queries,
  personId: number,
  kept: string | null,
): Promise<void> {
  await queries
    .delete(sessions)
    .where(and(eq(sessions.personId, personId), ne(sessions.tokenHash, kept ?? '')));
}

/** Has the browser that is answered forget whatever of a session it keeps. */
export function forgetHere(response: Response) {
  setCookie(response, '', 0);
  response.set('Clear-Site-Data', '"cookies", "storage"');
}

/** Who is behind each of several sessions, those that live. */
const livingOf = askTogether(async (database: Database, hashes: readonly string[]) => {
  const rows = await database
    .select({
      hash: sessions.tokenHash,
      createdAt: sessions.createdAt,
      lastUsedAt: sessions.lastUsedAt,
      secondFactor: isNotNull(secondFactors.personId).mapWith(Boolean),
      person: { id: people.id, name: people.name, email: people.email },
    })
    .from(sessions)
    .innerJoin(people, eq(people.id, sessions.personId))
    .leftJoin(
      secondFactors,
      and(eq(secondFactors.personId, people.id), eq(secondFactors.confirmed, true)),
    )
    .where(and(inArray(sessions.tokenHash, [...hashes]), gt(sessions.expiresAt, new Date())));
  const found = new Map(rows.map((row) => [row.hash, row]));
  return hashes.map((hash) => found.get(hash) ?? null);
});

/** Who sends a request, and whether they have yet to set a second factor up; null without a live session. */
export async function signedIn(
  database: Database,
  request: Request,
): Promise<{ person: Person; secondFactorMissing: boolean } | null> {
  const session = sessionOf(request);
  const living = session ? await livingOf(database, session) : null;
  if (!living) return null;
  const now = new Date();
  if (now.getTime() - living.lastUsedAt.getTime() > keptEvery)
    await database
      .update(sessions)
      .set({ lastUsedAt: now, expiresAt: endOf(living.createdAt, now) })
      .where(eq(sessions.tokenHash, living.hash));
  const secondFactorMissing = settings.secondFactorDemanded && !living.secondFactor;
  return { person: living.person, secondFactorMissing };
}

/**
 * Who sends a request.
 * @throws Refusal 401 without a live session, 403 before a second factor that is demanded is set up
 */
export async function requirePerson(database: Database, request: Request): Promise<Person> {
  const signed = await signedIn(database, request);
  if (!signed) throw notSignedIn();
  if (signed.secondFactorMissing)
    throw notAllowed(
      'A second factor is asked of everybody here. Set yours up in your account first.',
    );
  return signed.person;
}

/**
 * Who looks after their own account, which is open also before a second factor that is demanded is set up.
 * @throws Refusal 401 without a live session
 */
export async function requireOwner(database: Database, request: Request): Promise<Person> {
  const signed = await signedIn(database, request);
  if (!signed) throw notSignedIn();
  return signed.person;
}

/** The places where somebody is signed in, the latest used first. */
export async function sessionsOf(
  database: Database,
  personId: number,
  request: Request,
): Promise<Account['sessions']> {
  const rows = await database
    .select()
    .from(sessions)
    .where(and(eq(sessions.personId, personId), gt(sessions.expiresAt, new Date())))
    .orderBy(desc(sessions.lastUsedAt));
  const own = sessionOf(request);
  return rows.map(({ tokenHash, browser, createdAt, lastUsedAt }) => ({
    id: nameOf(tokenHash),
    browser,
    since: createdAt.toISOString(),
    lastUsed: lastUsedAt.toISOString(),
    current: tokenHash === own,
  }));
}

/**
 * Ends one of somebody's sessions.
 * @param id as `sessionsOf` names it
 * @throws Refusal 404 when it is none of theirs
 */
export async function endOneSession(database: Database, personId: number, id: string) {
  const rows = await database
    .select({ tokenHash: sessions.tokenHash })
    .from(sessions)
    .where(eq(sessions.personId, personId));
  const meant = rows.find(({ tokenHash }) => nameOf(tokenHash) === id);
  if (!meant) throw notFound('session');
  await database.delete(sessions).where(eq(sessions.tokenHash, meant.tokenHash));
}

/** What a session is called in a list: tells nothing that would open it. */
const nameOf = (tokenHash: string) => hashOfToken(tokenHash).slice(0, 32);

/** What a session is known by in the database; null without one. */
export const sessionOf = (request: Request): string | null => {
  const token = parse(request.get('cookie') ?? '')[cookieName(request)];
  return token ? hashOfToken(token) : null;
};

/** By its prefix browsers take the cookie from this very host alone, over a secure connection. */
const cookieName = (request: Request) =>
  request.secure ? '__Host-stand-mark-session' : 'stand-mark-session';

function browserOf(request: Request): string {
  const { browser, os } = Bowser.parse(request.get('user-agent') || 'unknown');
  const named = [browser.name, os.name].filter(Boolean).join(' on ');
  return (named || 'An unknown program').slice(0, 80);
}

function setCookie(response: Response, value: string, milliseconds: number) {
  response.cookie(cookieName(response.req), value, {
    httpOnly: true,
    sameSite: 'lax',
    secure: response.req.secure,
    path: '/',
    maxAge: milliseconds,
  });
}
