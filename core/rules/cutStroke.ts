import type { LineRule, Stroked, Judged, Threshold } from './judged';
import type { Judgement } from './judge';
import type { Path } from '../paths';
import type { Figures } from '../values';

/** The first rule that holds along a stroke that crosses nothing. */
export function ruleAlong(
  rules: readonly LineRule[],
  from: number,
  to: number,
  x: number,
  judgement: Judgement,
): string | null {
  if (rules.length === 0) return null;
  const along = { from, to, x, judgement };
  for (const { id, test } of rules) {
    const sides =
      test.thresholds.length === 0
        ? noSides
        : test.thresholds.map((distances) => distances[to] ?? NaN);
    if (test.onStroke(along, sides) === true) return id;
  }
  return null;
}

const noSides: readonly number[] = [];

/** Where a stroke is cut: its ends, where it crosses something, and edges of periods if asked. */
export function cutStroke(
  { positions }: Stroked,
  path: Path,
  at: number,
  [place, next]: [number, number],
  { thresholds, rules }: Judged,
): number[] {
  const from = positions[place]?.middle ?? NaN;
  const to = positions[next]?.middle ?? NaN;
  const inner: number[] = [];
  const cross = (distances: Figures) => {
    const [before, after] = [distances[place] ?? null, distances[next] ?? null];
    if (before !== null && after !== null) inner.push(...path.crossings(at, before, after));
  };
  for (const { distances } of thresholds) cross(distances);
  for (const { test } of rules) test.thresholds.forEach(cross);
  const edge = positions[place]?.next ?? NaN;
  if (edge > from && edge < to && rules.some(({ test }) => test.edges)) inner.push(edge);
  if (inner.length < 2) return [from, ...inner, to];
  inner.sort((one, two) => one - two);
  return [from, ...new Set(inner), to];
}

/** On which side of a threshold a stroke is at x; NaN where there is nothing to tell. */
export function sideOf(
  distances: Figures,
  path: Path,
  at: number,
  [place, next]: [number, number],
  x: number,
): number {
  const [before, after] = [distances[place] ?? null, distances[next] ?? null];
  return before === null || after === null ? NaN : path.side(at, x, before, after);
}

export function judgementAlong(
  thresholds: readonly Threshold[],
  path: Path,
  at: number,
  ends: [number, number],
  x: number,
): Judgement {
  const isOff = thresholds.some(
    ({ distances, good }) => good * sideOf(distances, path, at, ends, x) < 0,
  );
  return isOff ? 'off' : 'on';
}
