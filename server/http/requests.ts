import type { Request } from 'express';
import { type AnyObjectSchema, type InferType, ValidationError } from 'yup';
import { Refusal } from './refusals';

/**
 * Reads the body of a request by its schema.
 * @throws Refusal 422, with one sentence for each field that is wrong
 */
export function readBody<S extends AnyObjectSchema>(request: Request, schema: S): InferType<S> {
  try {
    return schema.validateSync(request.body ?? {}, { abortEarly: false, stripUnknown: true });
  } catch (error) {
    // A field that is an object where text is wanted makes a schema's own transforms stumble.
    if (error instanceof TypeError) throw wrongKind();
    if (!(error instanceof ValidationError)) throw error;
    const fields = (error.inner.length ? error.inner : [error]).map((each) => ({
      field: each.path ?? '',
      sentence: each.errors.join(' '),
    }));
    const sentence = fields
      .map((field) => field.sentence)
      .slice(0, 5)
      .join(' ');
    throw new Refusal(422, { code: 'invalid', sentence }, { fields });
  }
}

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
