import fc from 'fast-check';
import vectors from '../vectors/smooth.json';
import { pathShapes, type PathPoint, tangents } from './index';

type Case = (typeof vectors.cases)[number];

const point = (x: number, y: number): PathPoint => ({ x, y, from: x, to: x });

/** The unbroken runs of a case, with the places of their points. */
function runsOf({ x, y }: Case): number[][] {
  const runs: number[][] = [[]];
  x.forEach((_, place) => {
    if (y[place] === null) runs.push([]);
    else runs.at(-1)?.push(place);
  });
  return runs.filter(({ length }) => length > 0);
}

it.each(vectors.cases)('draws the monotone cubic and finds its crossings: $y', (vector) => {
  const near = (found: number, wanted: number, relative: number) =>
    expect(Math.abs(found - wanted)).toBeLessThanOrEqual(relative * Math.max(1, Math.abs(wanted)));
  const crossings: number[] = [];
  for (const places of runsOf(vector)) {
    const points = places.map((place) =>
      point(vector.x[place] as number, vector.y[place] as number),
    );
    tangents(points).forEach((slope, at) =>
      places.length > 1 ? near(slope, vector.tangents[places[at] as number] as number, 1e-9) : null,
    );
    const path = pathShapes.smooth(points);
    const apart = places.map(
      (place) => (vector.y[place] as number) - (vector.mark[place] as number),
    );
    for (let at = 0; at + 1 < points.length; at += 1) {
      const [one, two] = [points[at] as PathPoint, points[at + 1] as PathPoint];
      crossings.push(...path.crossings(at, apart[at] as number, apart[at + 1] as number));
      for (const sample of vector.samples.filter(({ x }) => x > one.x && x < two.x))
        near(path.trace(at, sample.x, two.x).y[0] as number, sample.y, 1e-9);
    }
  }
  expect(crossings).toHaveLength(vector.crossings.length);
  vector.crossings.forEach((wanted, place) =>
    expect(Math.abs((crossings[place] as number) - wanted)).toBeLessThanOrEqual(1e-7),
  );
});

it('never overshoots, and every shape ends where its points stand', () => {
  const run = fc.array(fc.integer({ min: -50, max: 50 }), { minLength: 2, maxLength: 12 });
  fc.assert(
    fc.property(run, (values) => {
      const points = values.map((y, place) => ({
        x: place * 10,
        y,
        from: place * 10 - 5,
        to: place * 10 + 5,
      }));
      for (const shape of Object.values(pathShapes)) {
        const path = shape(points);
        for (let at = 0; at + 1 < points.length; at += 1) {
          const [one, two] = [points[at] as PathPoint, points[at + 1] as PathPoint];
          const { y } = path.trace(at, one.x, two.x);
          expect([y[0], y.at(-1)]).toEqual([one.y, two.y]);
          const [low, high] = [Math.min(one.y, two.y), Math.max(one.y, two.y)];
          y.forEach((each) => expect(each >= low - 1e-9 && each <= high + 1e-9).toBe(true));
        }
      }
    }),
  );
});

it('changes a stepped line at the edge of its periods, and draws whole periods at its ends', () => {
  const path = pathShapes.stepped([
    { x: 5, y: 1, from: 0, to: 10 },
    { x: 15, y: 4, from: 10, to: 20 },
  ]);
  expect(path.crossings(0, -1, 2)).toEqual([10]);
  expect(path.trace(0, 5, 15)).toEqual({ x: [5, 10, 10, 15], y: [1, 1, 4, 4] });
  expect(path.lead?.('first')).toEqual({ x: [0, 5], y: [1, 1] });
  expect(path.lead?.('last')).toEqual({ x: [15, 20], y: [4, 4] });
});
