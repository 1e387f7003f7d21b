import { Router } from 'express';
import { type Belongings, leavingBody } from '../../contract';
import { record } from '../audit';
import type { Database } from '../database';
import { addressOf, readBody } from '../http';
import { sendMails } from '../mail';
import { asField, checkSecondFactor, forgetHere, requireOwner, withOwnPassword } from '../people';
import { belongingsOf } from './belongings';
import { leave } from './leave';

/** Deleting one's account: what it comes to is said before. */
export function leavingRoutes(database: Database): Router {
  const router = Router();

  router.get('/account/belongings', async (request, response) => {
    const person = await requireOwner(database, request);
    response.json((await belongingsOf(database, person)) satisfies Belongings);
  });

  router.delete('/account', async (request, response) => {
    const person = await requireOwner(database, request);
    const { current, code, heirId } = readBody(request, leavingBody);
    await withOwnPassword(database, person, current, async () => {
      await checkSecondFactor(database, person, code, addressOf(request)).catch(asField);
      await leave(database, person, heirId, (change, about) =>
        record(change, {
          act: 'leaving',
          outcome: 'done',
          personId: person.id,
          email: person.email,
          about,
          address: addressOf(request),
        }),
      );
    });
    void sendMails(database);
    forgetHere(response);
    response.json({});
  });

  return router;
}
