import { type Request, Router } from 'express';
import { type Act, joinBody, resetAskedBody, resetBody, tokenBody } from '../../contract';
import { record } from '../audit';
import type { Database } from '../database';
import { addressOf, readBody, Refusal } from '../http';
import { requireMail, sendMails } from '../mail';
import { settings } from '../settings';
import { completeSignUp, join } from './joining/signUp';
import { pauseAfterTries } from './pauses';
import { takeTryBack, type Tried } from './tries';
import { agreeToAddress } from './keys/addresses';
import { askForReset, resetPassword } from './keys/resets';

/** What is opened by the links of mails, by whoever has them. */
export function keyRoutes(database: Database): Router {
  const router = Router();
  const note = (request: Request, act: Act, of: { email: string; id?: number | null }) =>
    record(database, {
      act,
      outcome: 'done',
      email: of.email,
      personId: of.id ?? null,
      address: addressOf(request),
    });

  /** Wrong links are counted for the address that they are tried from. */
  const tried = async <Result>(request: Request, use: () => Promise<Result>): Promise<Result> => {
    const subject = `link ${addressOf(request)}`;
    const place: Tried = { kind: 'code', subject, free: settings.freeTriesOfLinks };
    await pauseAfterTries(database, place, 'Too many links that open nothing.');
    const opensNothing = (error: unknown) =>
      error instanceof Refusal && error.problem.code === 'key-opens-nothing';
    try {
      const result = await use();
      await takeTryBack(database, place);
      return result;
    } catch (error) {
      if (!opensNothing(error)) await takeTryBack(database, place);
      throw error;
    }
  };

  router.post('/password-resets', async (request, response) => {
    const { email } = readBody(request, resetAskedBody);
    requireMail();
    await askForReset(database, email, addressOf(request));
    await note(request, 'reset-asked', { email });
    void sendMails(database);
    response.status(202).json({});
  });

  router.put('/password-resets', async (request, response) => {
    const chosen = readBody(request, resetBody);
    const person = await tried(request, () => resetPassword(database, chosen));
    await note(request, 'reset', person);
    void sendMails(database);
    response.json({ email: person.email });
  });

  router.post('/people/completed', async (request, response) => {
    const { token } = readBody(request, tokenBody);
    const made = await tried(request, () => completeSignUp(database, token));
    if (made.id !== null) await note(request, 'sign-up', made);
    response.status(201).json({ email: made.email });
  });

  router.post('/people/invited', async (request, response) => {
    const chosen = readBody(request, joinBody);
    const made = await tried(request, () => join(database, chosen));
    if (made.id !== null) await note(request, 'sign-up', made);
    response.status(201).json({ email: made.email });
  });

  for (const side of ['old', 'new'] as const)
    router.post(`/account/email/${side}`, async (request, response) => {
      const { token } = readBody(request, tokenBody);
      const { person, changed } = await tried(request, () => agreeToAddress(database, token, side));
      if (changed) await note(request, 'address', person);
      void sendMails(database);
      response.json({ changed });
    });

  return router;
}
