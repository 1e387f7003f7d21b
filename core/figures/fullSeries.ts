import { isOfPeriods } from '../axis';
import { type Day, periodsBetween } from '../calendar';
import { type Derivable, derivedKind } from '../derived';
import { type DialValue, dialValues } from '../dials';
import { isProblem, readFormula } from '../formula';
import { aggregateKind, type Frame } from '../frame';
import { originKind } from '../origins';
import { type Problem, ProblemError } from '../values';
import { drawnGrain, shownReach } from './reach';
import type { ChartDefinition, SeriesDefinition } from '../chart';
import { keepTopWords } from './topWords';
import type { FullSeries } from './seriesFrame';

/** More periods than this are not laid out for a derived series. */
const mostPeriods = 40_000;

/** The figures of series, each worked out once, formulas after what they name. */
export class FullSeriesFinder {
  private readonly found = new Map<string, FullSeries | null>();
  private readonly underway = new Set<string>();
  /** by series: how many figures of its formula are beyond the range, and so missing */
  private readonly beyond = new Map<string, number>();
  /** where number dials stand, by their names */
  private readonly dials: ReadonlyMap<string, number>;

  constructor(
    private readonly chart: ChartDefinition,
    private readonly aggregated: Readonly<Record<string, Frame>>,
    turned: Readonly<Record<string, DialValue>>,
    private readonly today: Day,
  ) {
    const values = dialValues(chart.dials, turned);
    this.dials = new Map(
      chart.dials.flatMap(({ id, name }) => {
        const value = values.get(id);
        return typeof value === 'number' ? [[name, value]] : [];
      }),
    );
  }

  of(series: SeriesDefinition): FullSeries | null {
    const held = this.found.get(series.id);
    if (held !== undefined) return held;
    if (this.underway.has(series.id)) throw formulaProblem(series, 'It uses itself.');
    this.underway.add(series.id);
    const plain = this.plain(series);
    const whole = plain && derive(plain, series, this.chart);
    this.found.set(series.id, whole);
    return whole;
  }

  /** What has to be said of the figures of a series that were found; null when nothing has. */
  remarkOn({ id, name }: SeriesDefinition): Problem | null {
    const count = this.beyond.get(id) ?? 0;
    if (count === 0) return null;
    const missing = count === 1 ? 'a figure is' : `${count} figures are`;
    const sentence = `${name}: ${missing} beyond a thousand million million, and so missing.`;
    return { code: 'beyond-range', sentence, place: { field: 'formula' } };
  }

  /** The day up to which the actuals that are drawn have figures; null without any. */
  lastActual(): Day | null {
    const days = this.chart.series.flatMap((series) => {
      if (series.role !== 'actual' || series.hidden) return [];
      return this.aggregated[series.id]?.completeTo ?? [];
    });
    return days.length === 0 ? null : Math.max(...days);
  }

  private plain(series: SeriesDefinition): FullSeries | null {
    const frame = this.aggregated[series.id];
    return originKind(series.figures).find<FullSeries>(series.figures, {
      aggregated: ({ aggregate }) =>
        frame
          ? { ...frame, additive: aggregateKind(aggregate).additive ?? false, constant: null }
          : null,
      worked: (text) => this.formula(series, text),
      constant: (number) => ({ ...nothing, constant: number, exact: true }),
      missing: (code, sentence) => {
        throw new ProblemError({
          code,
          sentence: `${series.name}: ${sentence}`,
          place: { field: 'figures' },
        });
      },
    });
  }

  private formula(series: SeriesDefinition, text: string): FullSeries | null {
    const others = this.chart.series.filter(({ id }) => id !== series.id);
    const formula = readFormula(text, [...others.map(({ name }) => name), ...this.dials.keys()]);
    if (isProblem(formula)) throw formulaProblem(series, formula.sentence);
    const operands = new Map<string, FullSeries>();
    for (const name of formula.names) {
      const other = others.find((each) => each.name === name);
      const level = this.dials.get(name);
      const whole = other ? this.of(other) : { ...nothing, constant: level ?? null, exact: true };
      if (!whole) return null;
      operands.set(name, whole);
    }
    const { exact, linear } = formula;
    const onBeyond = () => this.beyond.set(series.id, (this.beyond.get(series.id) ?? 0) + 1);
    const work = (from: ReadonlyMap<string, FullSeries>) =>
      combine([...from.values()], this.chart, exact, linear, (at) =>
        formula.evaluate((name) => at(from.get(name) as FullSeries), onBeyond),
      );
    const whole = work(operands);
    const top = series.split?.top;
    if (!top) return whole;
    const reach = shownReach(this.chart, this.today, this.lastActual());
    const request = { ...top, ...reach, today: this.today };
    return keepTopWords(whole, operands, request, drawnGrain(this.chart), work);
  }
}

const nothing: Omit<FullSeries, 'constant'> = {
  periods: [],
  keys: [''],
  values: [[]],
  exact: false,
  additive: false,
  completeTo: null,
  recordedGrain: 'day',
  within: null,
  others: null,
  groups: null,
  axisPlaces: null,
  readings: null,
};

const formulaProblem = ({ name }: SeriesDefinition, sentence: string) =>
  new ProblemError({
    code: 'formula',
    sentence: `${name}: ${sentence}`,
    place: { field: 'formula' },
  });

/** Works a formula out for each word and period; what is not split serves every word. */
function combine(
  operands: readonly FullSeries[],
  chart: Pick<ChartDefinition, 'axis' | 'grain'>,
  exact: boolean,
  linear: boolean,
  evaluate: (at: (operand: FullSeries) => number | null) => number | null,
): FullSeries {
  const own = operands.filter(({ constant }) => constant === null);
  const periods = timeline(
    own.flatMap((each) => each.periods),
    chart,
  );
  const split = own.find(({ keys }) => keys.length !== 1 || keys[0] !== '');
  const keys = split ? [...split.keys] : [''];
  const days = own.flatMap(({ completeTo }) => completeTo ?? []);
  const rows = new Map(own.map((each) => [each, rowsOf(each, periods)]));
  const values = keys.map((key) =>
    periods.map((_, place) =>
      evaluate((operand) => {
        if (operand.constant !== null) return operand.constant;
        const all = rows.get(operand);
        return (all?.get(key) ?? all?.get(''))?.[place] ?? null;
      }),
    ),
  );
  return {
    ...nothing,
    periods,
    keys,
    values,
    constant: null,
    exact: exact && operands.every((each) => each.exact),
    additive: linear && own.length > 0 && operands.every((each) => each.additive),
    completeTo: days.length === 0 ? null : Math.min(...days),
    within: own.find(({ within }) => within !== null)?.within ?? null,
    recordedGrain: own.find(({ within }) => within !== null)?.recordedGrain ?? 'day',
    others: split?.others ?? null,
    groups: split?.groups ?? null,
  };
}

function rowsOf({ periods, keys, values }: FullSeries, onto: readonly Day[]) {
  const places = new Map(periods.map((start, place) => [start, place]));
  return new Map(
    keys.map((key, row) => [
      key,
      onto.map((start) => values[row]?.[places.get(start) ?? -1] ?? null),
    ]),
  );
}

/**
 * All periods from the first to the last, without gaps in the calendar; dates as they were recorded, and
 * places along a column, follow on from one to the next.
 */
function timeline(
  periods: readonly Day[],
  { axis, grain }: Pick<ChartDefinition, 'axis' | 'grain'>,
): Day[] {
  if (periods.length === 0) return [];
  if (!isOfPeriods(axis)) return [...new Set(periods)].sort((a, b) => a - b);
  let [from, to] = [Infinity, -Infinity];
  for (const start of periods) {
    if (start < from) from = start;
    if (start > to) to = start;
  }
  return periodsBetween(from, to, grain, mostPeriods);
}

function derive(
  whole: FullSeries,
  { derived }: SeriesDefinition,
  chart: Pick<ChartDefinition, 'axis' | 'grain' | 'yearStart'>,
): FullSeries {
  if (!derived || whole.constant !== null || derivedKind(derived).ofShown) return whole;
  const periods = timeline(whole.periods, chart);
  const rows = rowsOf(whole, periods);
  const lines = whole.keys.map((key) => rows.get(key) ?? []);
  return { ...whole, periods, ...derivedFigures({ ...whole, periods, lines }, derived, chart) };
}

/** The figures of a series turned into those of its derived series. */
export function derivedFigures(
  series: Pick<Derivable, 'periods' | 'lines' | 'exact' | 'additive'>,
  derived: NonNullable<SeriesDefinition['derived']>,
  { axis, grain, yearStart }: Pick<ChartDefinition, 'axis' | 'grain' | 'yearStart'>,
) {
  const { lines, exact, additive } = derivedKind(derived).derive(
    { ...series, grain: drawnGrain({ axis, grain }), yearStart },
    derived,
  );
  return { values: lines.map((figures) => [...figures]), exact, additive };
}
