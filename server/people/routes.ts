import { eq } from 'drizzle-orm';
import { Router } from 'express';
import { demoSignInBody, type Session, signInBody, signUpBody } from '../../contract';
import { type Database, tables } from '../database';
import { addressOf, notFound, readBody } from '../http';
import { checkPassword, signUp } from './accounts';
import { demoPeople } from './demoPeople';
import { beginSession, endSession, giveSession, signedIn } from './sessions';

/** Signing up, in and out. */
export function peopleRoutes(database: Database, demo: boolean): Router {
  const router = Router();

  router.get('/session', async (request, response) => {
    response.json({ person: await signedIn(database, request), demo } satisfies Session);
  });

  router.post('/session', async (request, response) => {
    const { email, password } = readBody(request, signInBody);
    const entering = await checkPassword(database, email, password, addressOf(request));
    giveSession(response, await beginSession(database, request, entering));
    response.json({ person: entering.person, demo } satisfies Session);
  });

  router.post('/session/demo', async (request, response) => {
    const { as } = readBody(request, demoSignInBody);
    const { people } = tables;
    const email = demoPeople[as].email;
    const [entering] = demo
      ? await database
          .select({
            person: { id: people.id, name: people.name, email: people.email },
            passwordHash: people.passwordHash,
          })
          .from(people)
          .where(eq(people.email, email))
      : [];
    if (!entering) throw notFound('demo');
    giveSession(response, await beginSession(database, request, entering));
    const { person } = entering;
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
