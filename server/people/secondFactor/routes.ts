import { type Request, Router } from 'express';
import {
  codeBody,
  currentAndCodeBody,
  currentBody,
  type RecoveryCodes,
  type Secret,
} from '../../../contract';
import type { Database } from '../../database';
import { addressOf, readBody, Refusal } from '../../http';
import { sendMails } from '../../mail';
import { audited } from '../audited';
import { withOwnPassword } from '../ownPassword';
import { requireOwner, sessionOf } from '../sessions';
import {
  beginSecondFactor,
  checkSecondFactor,
  confirmSecondFactor,
  removeSecondFactor,
  renewRecoveryCodes,
} from './factor';

/** Setting a second factor up, and taking it away. */
export function secondFactorRoutes(database: Database): Router {
  const router = Router();

  /** Whoever asks, once they have written their password and a code beside it. */
  const asked = async (request: Request) => {
    const person = await requireOwner(database, request);
    const { current, code } = readBody(request, currentAndCodeBody);
    return withOwnPassword(database, person, current, async () => {
      const used = await checkSecondFactor(database, person, code, addressOf(request)).catch(
        asField,
      );
      if (used === null) throw hasNone();
      return person;
    });
  };

  router.post('/account/second-factor', async (request, response) => {
    const person = await requireOwner(database, request);
    const { current } = readBody(request, currentBody);
    const secret = await withOwnPassword(database, person, current, () =>
      beginSecondFactor(database, person),
    );
    response.json(secret satisfies Secret);
  });

  const setUp = audited(database, { act: 'second-factor' });
  router.put('/account/second-factor', setUp, async (request, response) => {
    const person = await requireOwner(database, request);
    const { code } = readBody(request, codeBody);
    const codes = await confirmSecondFactor(database, person, code, sessionOf(request));
    void sendMails(database);
    response.json({ codes } satisfies RecoveryCodes);
  });

  const removed = audited(database, { act: 'second-factor-removed' });
  router.delete('/account/second-factor', removed, async (request, response) => {
    const person = await asked(request);
    await removeSecondFactor(database, person);
    void sendMails(database);
    response.json({});
  });

  const renewed = audited(database, { act: 'recovery-codes' });
  router.post('/account/recovery-codes', renewed, async (request, response) => {
    const person = await asked(request);
    const codes = await renewRecoveryCodes(database, person);
    response.json({ codes } satisfies RecoveryCodes);
  });

  return router;
}

const hasNone = () =>
  new Refusal(409, {
    code: 'no-second-factor',
    sentence: 'You have no second factor. Set one up first.',
  });

/** Whoever is signed in and writes a wrong code is so still. */
export function asField(error: unknown): never {
  if (error instanceof Refusal && error.status === 401)
    throw new Refusal(422, error.problem, error.more);
  throw error;
}
