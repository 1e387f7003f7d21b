import type { WordOrder } from '../axis';
import { type Frame, orderPlaces, type Place } from '../frame';

/** The order of words along an axis. */
export interface AxisOrder {
  /** as somebody has put them */
  words: readonly string[];
  /** what orders those; null: nothing but their source */
  by: WordOrder | null;
}

/**
 * Puts figures of several sources along one column: what stands at the same place in each gets the
 * same number, and numbers ascend.
 * @param aggregated by the id of its series, each numbered for itself
 * @param order of words: those that somebody has put stand so; another stands where its source, or what
 *   orders them, has it: after the word that comes before it there, or last
 */
export function onSharedScale(
  aggregated: Readonly<Record<string, Frame>>,
  { words: order, by }: AxisOrder,
): { frames: Record<string, Frame>; places: readonly Place[] } {
  const entries = Object.entries(aggregated);
  const all = entries.flatMap(([, frame]) => frame.axisPlaces ?? []);
  // What a column orders comes in its order.
  const natural =
    by?.column !== undefined ? [...new Set(all)] : sortedBy(orderPlaces(all), aggregated, by);
  const places: Place[] = order.filter((word) => natural.includes(word));
  if (places.length === 0) places.push(...natural);
  natural.forEach((place, at) => {
    if (places.includes(place)) return;
    const before = natural.slice(0, at).findLast((each) => places.includes(each));
    places.splice(before === undefined ? places.length : places.indexOf(before) + 1, 0, place);
  });
  const numbers = new Map(places.map((place, number) => [place, number]));
  const renumbered = entries.map(([id, frame]) => [id, ascending(frame, numbers)]);
  return { frames: Object.fromEntries(renumbered), places };
}

/** Places by their names, or by what a series comes to at each; those without a figure last. */
function sortedBy(
  places: readonly Place[],
  aggregated: Readonly<Record<string, Frame>>,
  by: WordOrder | null,
): Place[] {
  if (!by) return [...places];
  const { series, first } = by;
  const way = first === 'lowest' ? 1 : -1;
  if (series === null) return [...places].sort((a, b) => way * names.compare(String(a), String(b)));
  const frame = aggregated[series];
  const totals = new Map(
    (frame?.axisPlaces ?? []).map((place, at) => {
      const figures = (frame?.values ?? []).flatMap((line) => line[at] ?? []);
      return [place, figures.length === 0 ? null : figures.reduce((sum, each) => sum + each, 0)];
    }),
  );
  const size = (place: Place) => {
    const total = totals.get(place) ?? null;
    return total === null ? Infinity : way * total;
  };
  return [...places].sort((a, b) => size(a) - size(b) || places.indexOf(a) - places.indexOf(b));
}

/** Figures within names go by size: Pier 2 before Pier 10. */
const names = new Intl.Collator('en', { numeric: true });

function ascending(frame: Frame, numbers: ReadonlyMap<Place, number>): Frame {
  const own = (frame.axisPlaces ?? []).map((place, at) => ({
    at,
    number: numbers.get(place) as number,
  }));
  own.sort((one, two) => one.number - two.number);
  return {
    ...frame,
    periods: own.map(({ number }) => number),
    values: frame.values.map((figures) => own.map(({ at }) => figures[at] ?? null)),
  };
}
