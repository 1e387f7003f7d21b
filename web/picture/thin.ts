/**
 * Thins a stroke for drawing: of the points that fall into one column of pixels only the first, the
 * lowest, the highest and the last stay, which draw the same picture. Its ends stay, and so does where
 * it changes colour, which is where a stroke ends.
 * Source: Jugel, Jerzak, Hackenbroich and Markl (2014), M4: A Visualization-Oriented Time Series Data
 * Aggregation.
 * @param perUnit how many pixels a unit of x takes
 */
export function thin(
  x: readonly number[],
  y: readonly number[],
  perUnit: number,
): { x: number[]; y: number[] } {
  const kept: number[] = [];
  let from = 0;
  while (from < x.length) {
    const column = Math.floor((x[from] as number) * perUnit);
    let to = from;
    let [lowest, highest] = [from, from];
    while (to + 1 < x.length && Math.floor((x[to + 1] as number) * perUnit) === column) {
      to += 1;
      if ((y[to] as number) < (y[lowest] as number)) lowest = to;
      if ((y[to] as number) > (y[highest] as number)) highest = to;
    }
    const [early, late] = lowest < highest ? [lowest, highest] : [highest, lowest];
    for (const place of [from, early, late, to]) if (place !== kept.at(-1)) kept.push(place);
    from = to + 1;
  }
  return { x: kept.map((place) => x[place] as number), y: kept.map((place) => y[place] as number) };
}

/** Shorter strokes are drawn as they are. */
export const thinnedFrom = 500;
