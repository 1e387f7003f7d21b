import type { Request } from 'express';
import { type AnyObjectSchema, type InferType, ValidationError } from 'yup';
import { flawOf } from '../../core/values';
import { Refusal } from './refusals';

/** A refusal says no more than this of a field: what was sent is not sent back. */
const longestSentence = 240;

/**
 * Reads the body of a request by its schema, which stops at the first field that is wrong.
 * @throws Refusal 422, with a sentence for that field
 */
export function readBody<S extends AnyObjectSchema>(request: Request, schema: S): InferType<S> {
  const body: unknown = request.body ?? {};
  const flaw = flawOf(body);
  if (flaw) throw new Refusal(422, flaw, fieldOf(flaw.place?.field, flaw.sentence));
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
 * Reads a number from the path of a request.
 * @throws Refusal 404 when it is none
 */
export function readId(request: Request, name = 'id'): number {
  const text = request.params[name];
  const id = Number(text);
  if (typeof text === 'string' && /^\d{1,9}$/.test(text) && id > 0) return id;
  throw new Refusal(404, { code: 'not-found', sentence: 'There is nothing at this address.' });
}
