import { between, counted, either, type Entry, said, signed } from '../../sentences';

const days = counted('day', { from: 0, to: 3660, first: 7 });

/** So many days before or after something, counted from it; none is at it. */
export const daysFrom = (from: string): Entry<number> =>
  either(
    said<number>(0, `at ${from}`),
    (offset): offset is 0 => offset === 0,
    signed(between('', days, ` before ${from}`), between('', days, ` after ${from}`)),
  );
