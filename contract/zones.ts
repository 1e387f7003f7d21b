import { string } from 'yup';
import { isZone } from '../core/calendar';

/** A time zone by its IANA name. */
export const zone = string()
  .max(60)
  .test(
    'zone',
    ({ value }) => `“${value}” is no time zone. Write one as Europe/Lisbon.`,
    (name) => (name === undefined ? true : isZone(name)),
  );
