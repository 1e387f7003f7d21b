import type { Request } from 'express';
import { type AnyObjectSchema, type InferType, ValidationError } from 'yup';
import { pageOf } from '../../contract';
import { flawOf, plainData } from '../../core/values';
import { Refusal } from './refusals';

/** A refusal says no more than this of a field: what was sent is not sent back. */
const longestSentence = 240;

/**
 * Reads the body of a request by its schema, which stops at the first field that is wrong.
 * @param schema of Yup, without unknown fields
 * @throws Refusal 422, with a sentence for that field
 */
export const readBody = <S extends AnyObjectSchema>(request: Request, schema: S): InferType<S> =>
  readPlain(request.body ?? {}, schema);

function readPlain<S extends AnyObjectSchema>(sent: unknown, schema: S): InferType<S> {
  const flaw = flawOf(sent);
  if (flaw) throw new Refusal(422, flaw, fieldOf(flaw.place?.field, flaw.sentence));
  const body = plainData(sent);
  try {
    return schema.validateSync(body, { abortEarly: true, stripUnknown: true });
  } catch (error) {
    // A field that is an object where text is wanted makes a schema's own transforms stumble.
    if (error instanceof TypeError) throw wrongKind();
    if (!(error instanceof ValidationError)) throw error;
    const sentence = (error.errors[0] ?? '').slice(0, longestSentence);
    throw new Refusal(422, { code: 'invalid', sentence }, fieldOf(error.path, sentence));
  }
}

const fieldOf = (field: string | undefined, sentence: string) =>
  field === undefined ? {} : { fields: [{ field, sentence }] };

const wrongKind = () =>
  new Refusal(422, { code: 'invalid', sentence: 'A field of the request is of the wrong kind.' });

/**
 * Reads what is asked for after the question mark of an address; what is left empty is not asked for.
 * @param schema of Yup, without unknown fields
 * @throws Refusal 422, with a sentence for the field that is wrong
 */
export function readQuestion<S extends AnyObjectSchema>(request: Request, schema: S): InferType<S> {
  const asked = Object.entries(request.query).filter(([, value]) => value !== '');
  return readPlain(Object.fromEntries(asked), schema);
}

/**
 * Reads a number from the path of a request.
 * @param name of the place in the path
 * @throws Refusal 404 when it is none
 */
export function readId(request: Request, name = 'id'): number {
  const text = request.params[name];
  const id = Number(text);
  if (typeof text === 'string' && /^\d{1,9}$/.test(text) && id > 0) return id;
  throw new Refusal(404, { code: 'not-found', sentence: 'There is nothing at this address.' });
}

/**
 * Which page of a list is asked for: a question's `page`, counted from 1.
 * @returns what its entries are limited to
 * @throws Refusal 400 when it is none
 */
export function readPage(request: Request): { limit: number; offset: number } {
  const page = Number(request.query.page ?? 1);
  if (Number.isInteger(page) && page >= 1 && page <= 1000)
    return { limit: pageOf, offset: (page - 1) * pageOf };
  throw new Refusal(400, {
    code: 'unreadable-question',
    sentence: 'The list has no such page. Load the page again.',
  });
}
