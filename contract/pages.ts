/** Entries that a list answers with at once; the next ones are on its next page. */
export const pageOf = 200;
