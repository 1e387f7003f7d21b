import { mixed } from 'yup';

/** Limits that keep comments what they are. */
const most = 200;
const longest = 2000;

/** Comments, by what the lines say that they stand over; missing: there are none. */
export const commentsSchema = mixed<Readonly<Record<string, string>>>()
  .optional()
  .test('comments', 'Comments are texts of at most 2,000 characters, 200 of them.', (value) => {
    if (value === undefined) return true;
    const entries: [string, unknown][] = Object.entries(value);
    return (
      entries.length <= most &&
      entries.every(
        ([key, text]) => key.length <= most && typeof text === 'string' && text.length <= longest,
      )
    );
  });
