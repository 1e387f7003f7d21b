/** One ratio of our work to a peer measured in the same run. */
export interface Measured {
  work: string;
  /** our own, as it was measured */
  own: string;
  /** what it is held against, as that was measured */
  peer: string;
  ratio: number;
  limit: { atMost: number } | { atLeast: number };
}

/** Whether a ratio keeps within its limit. */
export function isWithin({ ratio, limit }: Measured): boolean {
  return 'atMost' in limit ? ratio <= limit.atMost : ratio >= limit.atLeast;
}

/** A line that says what was measured and whether the limit is kept. */
export function sayMeasured(measured: Measured): string {
  const { work, own, peer, ratio, limit } = measured;
  const bound = 'atMost' in limit ? `at most ${limit.atMost}` : `at least ${limit.atLeast}`;
  const verdict = isWithin(measured) ? 'kept' : 'MISSED';
  return `${work}: ${own}, ${ratio.toFixed(2)} of ${peer}; ${bound}: ${verdict}`;
}
