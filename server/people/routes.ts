import { type Request, type Response, Router } from 'express';
import { type Act, demoSignInBody, type Session, signInBody, signUpBody } from '../../contract';
import { record } from '../audit';
import type { Database } from '../database';
import { addressOf, notFound, readBody, Refusal } from '../http';
import { sendMails } from '../mail';
import { settings } from '../settings';
import { personOf } from './accounts';
import { isAuditor } from './auditRoutes';
import { checkPassword, rememberEntry } from './checkPassword';
import { demoPeople } from './demoPeople';
import { signUp } from './joining/signUp';
import { checkSecondFactor } from './secondFactor/factor';
import { beginSession, endSession, type Entering, giveSession, signedIn } from './sessions';

/** Signing up, in and out. */
export function peopleRoutes(database: Database, demo: boolean): Router {
  const router = Router();
  const note = (request: Request, act: Act, email: string, personId: number | null = null) =>
    record(database, {
      act,
      outcome: 'done',
      email,
      personId,
      address: addressOf(request),
    });

  const told = (signed: Awaited<ReturnType<typeof signedIn>>): Session => ({
    person: signed?.person ?? null,
    demo,
    joining: settings.joining,
    signUpByMail: settings.signUpByMail,
    mail: Boolean(settings.smtp),
    secondFactorMissing: signed?.secondFactorMissing ?? false,
    auditor: signed ? isAuditor(signed.person) : false,
  });

  const enter = async (request: Request, response: Response, entering: Entering) => {
    const token = await beginSession(database, request, entering);
    await note(request, 'sign-in', entering.person.email, entering.person.id);
    giveSession(response, token);
    response.json({ person: entering.person });
  };

  router.get('/session', async (request, response) => {
    response.json(told(await signedIn(database, request)));
  });

  router.post('/session', async (request, response) => {
    const { email, password, code } = readBody(request, signInBody);
    const address = addressOf(request);
    try {
      const entering = await checkPassword(database, email, password, address);
      const used = await checkSecondFactor(database, entering.person, code, address);
      if (used === 'recovery') await note(request, 'recovery-code', email, entering.person.id);
      await rememberEntry(database, entering, address);
      await enter(request, response, entering);
    } catch (error) {
      // Whoever was only asked for a code has not failed yet, nor who was not let try.
      if (error instanceof Refusal && error.problem.code.startsWith('wrong-'))
        await note(request, 'sign-in-failed', email);
      throw error;
    }
  });

  router.post('/session/demo', async (request, response) => {
    const { as } = readBody(request, demoSignInBody);
    const found = demo ? await personOf(database, demoPeople[as].email) : null;
    if (!found) throw notFound('demo');
    const { id, name, email, passwordHash } = found;
    await enter(request, response, { person: { id, name, email }, passwordHash });
  });

  router.delete('/session', async (request, response) => {
    await endSession(database, request, response);
    response.json(told(null));
  });

  router.post('/people', async (request, response) => {
    const account = readBody(request, signUpBody);
    await signUp(database, account, addressOf(request), (id) =>
      note(request, 'sign-up', account.email, id),
    );
    void sendMails(database);
    response.status(202).json({});
  });

  return router;
}
