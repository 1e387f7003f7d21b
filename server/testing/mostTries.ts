/**
 * How many tries pauses let through at most that begin at a second and double: the free ones, and one for
 * each pause that can have passed since.
 * @param begun when the first was made, in milliseconds
 */
export const mostTries = (free: number, begun: number) =>
  free + Math.floor(Math.log2((Date.now() - begun) / 1000 + 1));
