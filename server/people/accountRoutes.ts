import { eq } from 'drizzle-orm';
import { Router } from 'express';
import { type Account, emailBody, invitationBody, nameBody, passwordBody } from '../../contract';
import { type Database, tables } from '../database';
import { readBody } from '../http';
import { requireMail, sendMails } from '../mail';
import { settings } from '../settings';
import { audited } from './audited';
import { changePassword } from './changePassword';
import { inviteToJoin, mayInvite } from './joining/invitations';
import { askForAddress } from './keys/addresses';
import { hasSecondFactor, recoveryCodesLeft } from './secondFactor/factor';
import {
  beginSession,
  endOneSession,
  endSessions,
  forgetHere,
  giveSession,
  requireOwner,
  requirePerson,
  sessionsOf,
} from './sessions';

/** One's own account: its name, its address, its password, and where one is signed in. */
export function accountRoutes(database: Database): Router {
  const router = Router();

  router.get('/account', async (request, response) => {
    const person = await requireOwner(database, request);
    response.json({
      person,
      sessions: await sessionsOf(database, person.id, request),
      secondFactor: {
        on: await hasSecondFactor(database, person.id),
        demanded: settings.secondFactorDemanded,
        recoveryCodes: await recoveryCodesLeft(database, person.id),
      },
      mail: Boolean(settings.smtp),
      mayInvite: mayInvite(person),
    } satisfies Account);
  });

  router.put('/account/name', async (request, response) => {
    const person = await requireOwner(database, request);
    const { name } = readBody(request, nameBody);
    await database.update(tables.people).set({ name }).where(eq(tables.people.id, person.id));
    response.json({ name });
  });

  /** Whoever knew the old one is signed out everywhere, and this session goes on under another key. */
  const passwordChanged = audited(database, { act: 'password' });
  router.put('/account/password', passwordChanged, async (request, response) => {
    const person = await requireOwner(database, request);
    const chosen = readBody(request, passwordBody);
    const token = await changePassword(database, person, chosen, (queries, entering) =>
      beginSession(queries, request, entering),
    );
    void sendMails(database);
    giveSession(response, token);
    response.json({});
  });

  const addressAsked = audited(database, { act: 'address-asked' });
  router.put('/account/email', addressAsked, async (request, response) => {
    const person = await requireOwner(database, request);
    const chosen = readBody(request, emailBody);
    requireMail();
    await askForAddress(database, person, chosen);
    void sendMails(database);
    response.status(202).json({});
  });

  const sessionsEnded = audited(database, { act: 'sessions-ended' });
  router.delete('/account/sessions/:session', sessionsEnded, async (request, response) => {
    const person = await requireOwner(database, request);
    await endOneSession(database, person.id, String(request.params.session));
    response.json({});
  });

  router.delete('/account/sessions', sessionsEnded, async (request, response) => {
    const person = await requireOwner(database, request);
    await endSessions(database, person.id);
    forgetHere(response);
    response.json({});
  });

  const invited = audited(database, {
    act: 'invitation',
    about: ({ body }) => String((body as { email?: unknown } | undefined)?.email ?? ''),
  });
  router.post('/invitations', invited, async (request, response) => {
    const person = await requirePerson(database, request);
    const { email } = readBody(request, invitationBody);
    await inviteToJoin(database, person, email);
    void sendMails(database);
    response.status(202).json({});
  });

  return router;
}
