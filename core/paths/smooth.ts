import type { PathPoint, PathShape } from './path';

/** Stretches of line that are drawn for each curve between two points, by how many points there are. */
const drawnStretches = { most: 14, least: 2, inAll: 900 };

/**
 * A monotone cubic, which never overshoots.
 * Source: Steffen (1990), A simple method for monotonic interpolation in one dimension.
 */
export const smooth: PathShape = (points) => {
  const slopes = tangents(points);
  const curve = (place: number) => {
    const one = points[place] as PathPoint;
    const two = points[place + 1] as PathPoint;
    const width = two.x - one.x;
    // y = a t^3 + b t^2 + c t + d, with t from 0 to 1 between the points.
    const c = (slopes[place] as number) * width;
    const end = (slopes[place + 1] as number) * width;
    const rise = two.y - one.y;
    return { one, two, width, a: c + end - 2 * rise, b: 3 * rise - 2 * c - end, c, d: one.y };
  };
  const at = (place: number, x: number) => {
    const { one, two, width, a, b, c, d } = curve(place);
    if (x === two.x) return two.y;
    const t = (x - one.x) / width;
    return ((a * t + b) * t + c) * t + d;
  };
  /** The curve less its mark, as a cubic over t. */
  const distance = (place: number, before: number, after: number) => {
    const { one, two, width, a, b, c } = curve(place);
    const marked = two.y - after - (one.y - before);
    return { from: one.x, width, a, b, c: c - marked, d: before };
  };
  const stretches = Math.max(
    drawnStretches.least,
    Math.min(drawnStretches.most, Math.round(drawnStretches.inAll / points.length)),
  );
  return {
    crossesOnlyOver: false,
    crossings: (place, before, after) => {
      const { from, width, ...cubic } = distance(place, before, after);
      return signChanges(cubic).map((t) => from + t * width);
    },
    side: (place, x, before, after) => {
      const { from, width, ...cubic } = distance(place, before, after);
      return valueAt(cubic, (x - from) / width);
    },
    trace: (place, from, to) => {
      const { width } = curve(place);
      const count = Math.max(1, Math.ceil((stretches * (to - from)) / width));
      const x = Array.from({ length: count + 1 }, (_, step) =>
        step === count ? to : from + ((to - from) * step) / count,
      );
      return { x, y: x.map((each) => at(place, each)) };
    },
  };
};

/**
 * The slopes at the points of an unbroken run, in value units a day.
 * @param points x in days, y in figures, from the first to the last
 */
export function tangents(points: readonly Pick<PathPoint, 'x' | 'y'>[]): number[] {
  const widths = points.slice(1).map(({ x }, place) => x - (points[place]?.x ?? 0));
  const secants = points
    .slice(1)
    .map(({ y }, place) => (y - (points[place]?.y ?? 0)) / (widths[place] as number));
  const last = points.length - 1;
  return points.map((_, place) => {
    if (last < 1) return 0;
    if (last === 1) return secants[0] as number;
    if (place === 0) return endSlope(secants[0], secants[1], widths[0], widths[1]);
    if (place === last)
      return endSlope(secants[last - 1], secants[last - 2], widths[last - 1], widths[last - 2]);
    const [before, after] = [secants[place - 1] as number, secants[place] as number];
    const [left, right] = [widths[place - 1] as number, widths[place] as number];
    const parabola = (before * right + after * left) / (left + right);
    return (
      (Math.sign(before) + Math.sign(after)) *
      Math.min(Math.abs(before), Math.abs(after), Math.abs(parabola) / 2)
    );
  });
}

/** The slope of the parabola through the end and its neighbours, held to what keeps the curve monotone. */
function endSlope(near = 0, next = 0, width = 1, nextWidth = 1): number {
  const parabola = near + ((near - next) * width) / (width + nextWidth);
  if (parabola * near <= 0) return 0;
  return Math.abs(parabola) > 2 * Math.abs(near) ? 2 * near : parabola;
}

interface Cubic {
  a: number;
  b: number;
  c: number;
  d: number;
}

const valueAt = ({ a, b, c, d }: Cubic, t: number) => ((a * t + b) * t + c) * t + d;

/** Where a cubic changes its sign, strictly between 0 and 1; ascending. */
function signChanges(cubic: Cubic): number[] {
  const turns = turningPoints(cubic).filter((t) => t > 0 && t < 1);
  const ends = [0, ...turns.sort((one, two) => one - two), 1];
  const found: number[] = [];
  for (let place = 0; place + 1 < ends.length; place += 1) {
    const [from, to] = [ends[place] as number, ends[place + 1] as number];
    // Between turns the cubic only rises or only falls.
    if (valueAt(cubic, from) * valueAt(cubic, to) < 0) found.push(bisect(cubic, from, to));
  }
  return found;
}

function turningPoints({ a, b, c }: Cubic): number[] {
  if (a === 0) return b === 0 ? [] : [-c / (2 * b)];
  const inside = b * b - 3 * a * c;
  if (inside < 0) return [];
  // The form that loses no digits when the two roots are far apart.
  const sum = -(b + Math.sign(b || 1) * Math.sqrt(inside));
  return [sum / (3 * a), ...(sum === 0 ? [] : [c / sum])];
}

function bisect(cubic: Cubic, from: number, to: number): number {
  let [low, high] = [from, to];
  const rising = valueAt(cubic, low) < 0;
  for (let step = 0; step < 60; step += 1) {
    const middle = (low + high) / 2;
    if (valueAt(cubic, middle) < 0 === rising) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
