import { type Frame, orderPlaces, type Place } from '../frame';

/**
 * Puts figures of several sources along one column: what stands at the same place in each gets the
 * same number, and numbers ascend.
 * @param aggregated by the id of its series, each numbered for itself
 * @param order words in the order in which they stand; another stands where its source has it: after
 *   the word that comes before it there, or last
 */
export function onSharedScale(
  aggregated: Readonly<Record<string, Frame>>,
  order: readonly string[],
): { frames: Record<string, Frame>; places: readonly Place[] } {
  const entries = Object.entries(aggregated);
  const natural = orderPlaces(entries.flatMap(([, frame]) => frame.axisPlaces ?? []));
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
