import { eq } from 'drizzle-orm';
import { Router } from 'express';
import { demoSignInBody, type Session, signInBody, signUpBody } from '../../contract';
import { type Database, tables } from '../database';
import { addressOf, notFound, readBody } from '../http';
import { checkPassword, signUp } from './accounts';
import { demoPeople } from './demoPeople';
import { endSession, signedIn, startSession } from './sessions';

/** Signing up, in and out. */
export function peopleRoutes(database: Database, demo: boolean): Router {
  const router = Router();

  router.get('/session', async (request, response) => {
    response.json({ person: await signedIn(database, request), demo } satisfies Session);
  });

  router.post('/session', async (request, response) => {
    const { email, password } = readBody(request, signInBody);
    const person = await checkPassword(database, email, password, addressOf(request));
    await startSession(database, response, person);
    response.json({ person, demo } satisfies Session);
  });

  router.post('/session/demo', async (request, response) => {
    const { as } = readBody(request, demoSignInBody);
    const { people } = tables;
    const email = demoPeople[as].email;
    const [person] = demo
      ? await database
          .select({ id: people.id, name: people.name, email: people.email })
          .from(people)
          .where(eq(people.email, email))
      : [];
    if (!person) throw notFound('demo');
    await startSession(database, response, person);
    response.json({ person, demo } satisfies Session);
  });

  router.delete('/session', async (request, response) => {
    await endSession(database, request, response);
    response.json({ person: null, demo } satisfies Session);
  });

  router.post('/people', async (request, response) => {
    await signUp(database, readBody(request, signUpBody), addressOf(request));
    response.status(202).json({});
  });

  return router;
}
