const rules = new Intl.PluralRules('en', { type: 'ordinal' });
const endings: Partial<Record<Intl.LDMLPluralRule, string>> = { one: 'st', two: 'nd', few: 'rd' };

/**
 * The place of something in an order: 1st, 2nd, 13th; of what is no whole number 2.5th.
 * @param place from 1
 */
export const writeOrdinal = (place: number): string =>
  `${place}${(Number.isInteger(place) && endings[rules.select(place)]) || 'th'}`;
