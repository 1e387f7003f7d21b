import { nameOf, type YardstickContext } from './context';
import { finishedWithin, plainScope, sayPeriods, type Scope } from './scope';

/** The finished figures of a series within a scope; gathered once for the same lines. */
export function finishedOf(
  context: YardstickContext,
  series: string,
  scope: Scope = plainScope,
): readonly number[] {
  const { unfiltered, ...shown } = context;
  if (scope.unfiltered && unfiltered) return finishedOf({ ...shown, ...unfiltered }, series, scope);
  const known = gatheredOf(context);
  const key = `${scope.periods} ${scope.count} ${scope.per} ${series}`;
  const held = known.get(key);
  if (held) return held;
  const finished = finishedWithin(context, series, scope);
  known.set(key, finished);
  return finished;
}

/** What was gathered of the lines of a panel; nothing yet when anything that scopes look at is new. */
function gatheredOf(context: YardstickContext): Map<string, readonly number[]> {
  const last = gathered.get(context.lines);
  if (last && scopesSeeSame(last.context, context)) return last.known;
  const known = new Map<string, readonly number[]>();
  gathered.set(context.lines, { context, known });
  return known;
}

const gathered = new WeakMap<
  YardstickContext['lines'],
  { context: YardstickContext; known: Map<string, readonly number[]> }
>();

const scopesSeeSame = (one: YardstickContext, two: YardstickContext) =>
  one.allLines === two.allLines &&
  one.positions === two.positions &&
  one.today === two.today &&
  one.yearStart === two.yearStart;

/** Over what a statistic was found, as "of Fares over 22 finished figures shown". */
export function sayScope(context: YardstickContext, series: string, scope = plainScope): string {
  const found = finishedOf(context, series, scope).length;
  return `of ${nameOf(context, series)} ${sayPeriods(scope, found)}`;
}
