import { mapped, nothing } from '../combined';
import type { Entry } from '../entry';
import type { About, Setting } from '../entry';

const written = /[-−+]?(?:\d+(?:\.\d+)?|\.\d+)(?:e[-+]?\d+)?(?![\p{L}\p{N}])/iuy;

interface Bounds {
  from?: number;
  to?: number;
  whole?: boolean;
  /** what is expected, as "a number of periods" */
  called?: string;
  /** what it is at first; left out: the least there is, or a value in the middle of the axis */
  first?: number | ((about: About) => number);
}

/** How a number begins and is set, within its bounds. */
const bounded = ({ from = -Infinity, to = Infinity, whole = false, first }: Bounds) => {
  const fits = (value: unknown): boolean =>
    typeof value === 'number' &&
    value >= from &&
    value <= to &&
    (!whole || Number.isInteger(value));
  return {
    fits,
    draft: (about: About): number =>
      typeof first === 'function'
        ? first(about)
        : (first ?? (from > -Infinity ? from : about.level)),
    setting: (): Setting => ({ control: 'number', from, to, whole }),
  };
};

/**
 * A number as it is written: 40, -1.5, 1e-9.
 * @param bounds the least and the most, whether whole, the unit behind it, and what it is called in
 * messages
 */
export const number = ({ called = 'a number', ...bounds }: Bounds = {}): Entry<number> => ({
  ...bounded(bounds),
  print: (value) => String(value),
  read: (at, reader) => {
    const found = reader.match(at, written);
    const value = found ? Number(found[0].replace('−', '-')) : NaN;
    reader.expect(at, { text: called, open: true });
    return found && bounded(bounds).fits(value)
      ? [{ value, to: found.index + found[0].length }]
      : nothing;
  },
});

const ordinals = /(\d+(?:\.\d+)?(?:e[-+]?\d+)?)(?:st|nd|rd|th)(?![\p{L}\p{N}])/iuy;

/**
 * A number in an order: 1st, 2nd, 90th.
 * @param write as it is written in sentences
 */
export const ordinal = (write: (value: number) => string, bounds: Bounds = {}): Entry<number> => ({
  ...bounded(bounds),
  print: write,
  read: (at, reader) => {
    const found = reader.match(at, ordinals);
    const value = Number(found?.[1]);
    reader.expect(at, { text: 'a number such as 3rd', open: true });
    return found && bounded(bounds).fits(value)
      ? [{ value, to: found.index + found[0].length }]
      : nothing;
  },
});

/**
 * A number of things: 1 day, 3 days.
 * @param one what one of them is called; several have an s
 */
export const counted = (one: string, bounds: Bounds = {}): Entry<number> => {
  const plain = number({ whole: true, ...bounds, called: `a number of ${one}s` });
  return {
    draft: (about) => plain.draft(about),
    fits: (value) => plain.fits(value),
    setting: () => ({ ...plain.setting(), unit: `${one}s` }) as Setting,
    print: (value, names) => `${plain.print(value, names)} ${one}${value === 1 ? '' : 's'}`,
    read: (at, reader) =>
      plain.read(at, reader).flatMap(({ value, to }) => {
        // Only the right form is offered; the other is understood.
        const [right, other] = value === 1 ? [one, `${one}s`] : [`${one}s`, one];
        const end = reader.words(to, right);
        const found = end < 0 ? reader.match(to, new RegExp(`${other}(?!\\p{L})`, 'iuy')) : null;
        if (found) return [{ value, to: found.index + found[0].length }];
        return end < 0 ? nothing : [{ value, to: end }];
      }),
  };
};

/**
 * A number with a sign that words say: 2 days before, 3 days after.
 * @param under as it is said of a number below zero, without its sign
 * @param over of any other
 */
export const signed = (under: Entry<number>, over: Entry<number>): Entry<number> => ({
  print: (value, names) => (value < 0 ? under.print(-value, names) : over.print(value, names)),
  read: (at, reader) => [
    ...under
      .read(at, reader)
      .flatMap(({ value, to }) => (value > 0 ? [{ value: -value, to }] : nothing)),
    ...over.read(at, reader).filter(({ value }) => value >= 0),
  ],
  draft: (about) => over.draft(about),
  fits: (value) => typeof value === 'number' && (value < 0 ? under.fits(-value) : over.fits(value)),
  setting: () => ({
    control: 'ways',
    ways: [
      {
        is: (value) => Number(value) < 0,
        entry: mapped(
          under,
          (value) => -value,
          (value: number) => -value,
        ) as Entry<unknown>,
      },
      { is: (value) => Number(value) >= 0, entry: over as Entry<unknown> },
    ],
  }),
});
