const units = ['bytes', 'kB', 'MB', 'GB'];

/** A size in the unit in which it is readable, a thousand and twenty-four of each in the next. */
export function sayBytes(bytes: number): string {
  const step = Math.min(units.length - 1, Math.floor(Math.log2(Math.max(1, bytes)) / 10));
  const amount = bytes / 1024 ** step;
  return `${amount.toLocaleString('en-GB', { maximumFractionDigits: amount < 10 ? 1 : 0 })} ${units[step]}`;
}
