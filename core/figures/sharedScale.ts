import { type Frame, orderPlaces, type Place } from '../frame';

/**
 * Puts figures of several sources along one column: what stands at the same place in each gets the
 * same number, and numbers ascend.
 * @param aggregated by the id of its series, each numbered for itself
 * @param order words in the order in which they stand; others follow in their natural one
 */
export function onSharedScale(
  aggregated: Readonly<Record<string, Frame>>,
  order: readonly string[],
): { frames: Record<string, Frame>; places: readonly Place[] } {
  const entries = Object.entries(aggregated);
  const natural = orderPlaces(entries.flatMap(([, frame]) => frame.axisPlaces ?? []));
  const first = new Set<Place>(order.filter((word) => natural.includes(word)));
  const places = [...first, ...natural.filter((place) => !first.has(place))];
  const numbers = new Map(places.map((place, number) => [place, number]));
  const renumbered = entries.map(([id, frame]) => [id, ascending(frame, numbers)]);
  return { frames: Object.fromEntries(renumbered), places };
}

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
