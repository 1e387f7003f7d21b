import type { PathShape } from './path';

/** Level through each period; it changes at the edges of periods. */
export const stepped: PathShape = (points) => {
  const edgeAfter = (place: number) => points[place]?.to ?? NaN;
  return {
    crossesOnlyOver: true,
    crossings: (place, before, after) => (before * after < 0 ? [edgeAfter(place)] : []),
    side: (place, x, before, after) => (x < edgeAfter(place) ? before || after : after || before),
    trace: (place, from, to) => {
      const edge = edgeAfter(place);
      const [before, after] = [points[place]?.y ?? NaN, points[place + 1]?.y ?? NaN];
      if (to <= edge) return { x: [from, to], y: [before, before] };
      // What stands upright at the edge belongs to the level it leads to.
      return from >= edge
        ? { x: [edge, edge, to], y: [before, after, after] }
        : { x: [from, edge, edge, to], y: [before, before, after, after] };
    },
    lead: (end) => {
      const point = end === 'first' ? points[0] : points.at(-1);
      if (!point) return { x: [], y: [] };
      return end === 'first'
        ? { x: [point.from, point.x], y: [point.y, point.y] }
        : { x: [point.x, point.to], y: [point.y, point.y] };
    },
  };
};
