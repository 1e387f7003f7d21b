import { array, type ISchema, number } from 'yup';
import { isFigure } from './plain';

/** A number from outside: given as a number, not as text, and one that can be drawn. */
export const figure = () =>
  number()
    .strict()
    .typeError('Write a number.')
    .test('figure', 'Write a number of at most a thousand million million.', (value) =>
      value == null ? true : isFigure(value),
    );

/**
 * A list whose length is looked at before its items: a long list of wrong ones costs nothing.
 * @param item the schema of one
 * @param most how many there may be
 */
export const list = <T>(item: ISchema<T>, most: number) =>
  array(item)
    .test(
      'length',
      `There may be ${most} of these at most.`,
      (items) => !items || items.length <= most,
    )
    .transform((items: unknown) =>
      Array.isArray(items) && items.length > most ? items.slice(0, most + 1) : items,
    );
