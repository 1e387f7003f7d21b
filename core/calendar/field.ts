import { string } from 'yup';
import { parseDay } from './civil';

/** A date from outside, written 2026-11-23, or null. */
export const dateText = () =>
  string()
    .nullable()
    .defined()
    .test(
      'date',
      'Write the date as 2026-11-23.',
      (text) => text == null || parseDay(text) !== null,
    );
