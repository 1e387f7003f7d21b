import { eq } from 'drizzle-orm';
import { Router } from 'express';
import { type Account, nameBody, passwordBody } from '../../contract';
import { type Database, tables } from '../database';
import { readBody } from '../http';
import { changePassword } from './accounts';
import {
  beginSession,
  endOneSession,
  endSessions,
  forgetHere,
  giveSession,
  requirePerson,
  sessionsOf,
} from './sessions';

/** One's own account: its name, its password, and where one is signed in. */
export function accountRoutes(database: Database): Router {
  const router = Router();

  router.get('/account', async (request, response) => {
    const person = await requirePerson(database, request);
    const sessions = await sessionsOf(database, person.id, request);
    response.json({ person, sessions } satisfies Account);
  });

  router.put('/account/name', async (request, response) => {
    const person = await requirePerson(database, request);
    const { name } = readBody(request, nameBody);
    await database.update(tables.people).set({ name }).where(eq(tables.people.id, person.id));
    response.json({ name });
  });

  /** Whoever knew the old one is signed out everywhere, and this session goes on under another key. */
  router.put('/account/password', async (request, response) => {
    const person = await requirePerson(database, request);
    const chosen = readBody(request, passwordBody);
    const token = await changePassword(database, person, chosen, (queries, entering) =>
      beginSession(queries, request, entering),
    );
    giveSession(response, token);
    response.json({});
  });

  router.delete('/account/sessions/:session', async (request, response) => {
    const person = await requirePerson(database, request);
    await endOneSession(database, person.id, String(request.params.session));
    response.json({});
  });

  router.delete('/account/sessions', async (request, response) => {
    const person = await requirePerson(database, request);
    await endSessions(database, person.id);
    forgetHere(response);
    response.json({});
  });

  return router;
}
