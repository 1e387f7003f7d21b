export const roles = ['actual', 'target', 'budget', 'forecast', 'yearBefore', 'other'] as const;

/** What a series stands for; it gives the default stroke. */
export type Role = (typeof roles)[number];

/** The words of each role, within a sentence. */
export const roleWords: Readonly<Record<Role, string>> = {
  actual: 'actual',
  target: 'target',
  budget: 'budget',
  forecast: 'forecast',
  yearBefore: 'year before',
  other: 'other',
};
