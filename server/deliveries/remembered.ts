import { type FileForm, formOf, type Understanding, type WholeForm } from '../../contract';
import type { Database } from '../database';
import { rememberUnderstood, understoodBefore } from '../uploads';

/** Names a form: equal forms have equal names, whatever was left out or written as null. */
export function formKey(form: FileForm): string {
  return JSON.stringify(form, (_, value: unknown) =>
    value !== null && typeof value === 'object' && !Array.isArray(value)
      ? Object.fromEntries(
          Object.entries(value)
            .filter(([, inner]) => inner !== null && inner !== undefined)
            .sort(([a], [b]) => (a < b ? -1 : 1)),
        )
      : value,
  );
}

/** What looks something up in another source can change without the file. */
const standsAlone = ({ steps }: WholeForm) => steps.every(({ kind }) => kind !== 'join');

/** Remembers what was understood of an upload. */
export async function remember(database: Database, uploadId: string, understanding: Understanding) {
  if (!standsAlone(understanding)) return;
  await rememberUnderstood(database, uploadId, {
    key: formKey(formOf(understanding)),
    understanding,
  });
}

/** What was understood of an upload by just this form; null when that has to be found out. */
export async function remembered(
  database: Database,
  uploadId: string,
  form: FileForm,
): Promise<Understanding | null> {
  const before = await understoodBefore(database, uploadId);
  if (before?.key !== formKey(form)) return null;
  // What was understood by an earlier version was looked at whole, and does not say so.
  const { ofRows = null, ...understanding }: Partial<Understanding> = before.understanding;
  return { ...(understanding as Understanding), ofRows };
}
