/** What something stands at: a number, a word, or several of them. */
export type StandsAt = number | string | readonly string[];

/** The words of what something stands at: one, several, or none. */
export const wordsIn = (value: StandsAt | undefined): string[] => {
  if (value === undefined || value === '') return [];
  return typeof value === 'object' ? [...value] : [String(value)];
};
