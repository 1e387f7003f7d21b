/**
 * Whether a step only goes on with the text that the step before it was writing: a letter more or less
 * in the same place of a definition. Both are then one step to whoever undoes them.
 * @param before as it was before the step that is under way, however much that has written by now
 */
export function continuesTyping(before: unknown, now: unknown, next: unknown): boolean {
  const place = writtenAt(before, now);
  return place !== null && place === writtenAt(now, next, isLetterApart);
}

/** The place of the only difference between two definitions, if it is one between two texts. */
function writtenAt(
  one: unknown,
  two: unknown,
  isWriting = (short: string, long: string) => short !== long,
  place = '',
): string | null {
  if (typeof one === 'string' && typeof two === 'string') return isWriting(one, two) ? place : null;
  if (typeof one !== 'object' || typeof two !== 'object' || !one || !two) return null;
  const [mine, theirs] = [one as Record<string, unknown>, two as Record<string, unknown>];
  const keys = [...new Set([...Object.keys(mine), ...Object.keys(theirs)])];
  const others = keys.filter((key) => JSON.stringify(mine[key]) !== JSON.stringify(theirs[key]));
  const [key] = others;
  if (key === undefined || others.length > 1) return null;
  return writtenAt(mine[key], theirs[key], isWriting, `${place}/${key}`);
}

function isLetterApart(one: string, two: string): boolean {
  const [short, long] = one.length < two.length ? [one, two] : [two, one];
  if (long.length !== short.length + 1) return false;
  let at = 0;
  while (at < short.length && short[at] === long[at]) at += 1;
  return short.slice(at) === long.slice(at + 1);
}
