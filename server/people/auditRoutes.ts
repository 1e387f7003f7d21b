import { type Request, Router } from 'express';
import { type Audit, auditQuestion, type Person } from '../../contract';
import { readAudit, record } from '../audit';
import type { Database } from '../database';
import { addressOf, notAllowed, readQuestion } from '../http';
import { settings } from '../settings';
import { requirePerson } from './sessions';

/** Whether somebody may read what was done by whom. */
export const isAuditor = ({ email }: Person): boolean => settings.auditors.includes(email);

/** Reading what was done by whom, for those whom the settings name. */
export function auditRoutes(database: Database): Router {
  const router = Router();

  router.get('/audit', async (request, response) => {
    const person = await requirePerson(database, request);
    if (!isAuditor(person)) throw notAllowed('Only those whom the settings name may read this.');
    const question = readQuestion(request, auditQuestion);
    // Who reads is seen by others who do; who reads on has been seen.
    if (!question.before)
      await record(database, {
        act: 'audit-read',
        outcome: 'done',
        personId: person.id,
        email: person.email,
        about: asked(request),
        address: addressOf(request),
      });
    response.json((await readAudit(database, question)) satisfies Audit);
  });

  return router;
}

const asked = ({ query }: Request): string =>
  Object.entries(query)
    .map(([name, value]) => `${name} ${String(value)}`)
    .join(', ');
