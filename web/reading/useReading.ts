import { useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import type { ChartFrames, PlacedChart } from '../../contract';
import { type Day, type Grain, parseDay } from '../../core/calendar';
import { atGrain } from '../../core/figures';
import { type BoardStyle, type DrawnChart } from '../../core/chart';
import { type Narrowing } from '../../core/narrowing';
import type { DialValue } from '../../core/dials';
import { type Reading, readChart } from '../../core/reading';
import { api } from '../api';
import type { Question } from './readingChannel';
import { readings } from './readingQueue';

/** Charts of more figures than these are read by a worker: the page stays at hand meanwhile. */
const mostOnPage = 6000;

const figuresIn = ({ frames }: ChartFrames) =>
  Object.values(frames).reduce((sum, { keys, periods }) => sum + keys.length * periods.length, 0);

/**
 * Reads a definition against the figures the server has sent: at once, or by a worker when they are
 * many; then the last reading stands until the next is there.
 * @param dials where they are turned to, by name
 * @param chosen the day that linked charts point at
 */
export function useReadingOf(
  definition: DrawnChart | undefined,
  figures: ChartFrames | undefined,
  style: BoardStyle | undefined,
  dials?: TurnedDials,
  chosen?: Day,
): Reading | null {
  const question = useMemo(
    (): Question | null =>
      definition && figures
        ? [
            definition,
            figures.frames,
            {
              today: parseDay(figures.today) ?? 0,
              style,
              dials,
              chosen,
              recorded: figures.recorded,
              unfiltered: figures.unfiltered,
            },
          ]
        : null,
    [definition, figures, style, dials, chosen],
  );
  const many = !!figures && figuresIn(figures) > mostOnPage;
  const here = useMemo(() => (question && !many ? readChart(...question) : null), [question, many]);
  const [there, setThere] = useState<Reading | null>(null);
  const asker = useRef({});
  useEffect(() => {
    const own = asker.current;
    if (question && many) readings.ask(own, question, setThere);
    return () => readings.forget(own);
  }, [question, many]);
  return many ? there : here;
}

/** For a page on which a chart may soon have many figures: the worker is there by then. */
export function usePreparedReadings() {
  useEffect(() => {
    const idle = requestIdleCallback(() => readings.prepare());
    return () => cancelIdleCallback(idle);
  }, []);
}

/** Where a reader has turned dials to, by their names. */
export type TurnedDials = Readonly<Record<string, DialValue>>;

/** The positions that the server has to know, since figures depend on them; undefined for none. */
function positionsAsked({ dialsAsked }: DrawnChart, turned: TurnedDials): string | undefined {
  const known = (dialsAsked ?? []).filter((name) => name in turned).sort();
  if (known.length === 0) return undefined;
  return JSON.stringify(Object.fromEntries(known.map((name) => [name, turned[name]])));
}

/** The positions of a chart's own dials: when others are turned, it is not read again. */
function useOwnDials({ dials }: DrawnChart, turned: TurnedDials): TurnedDials {
  const own = dials.flatMap(({ name }) => (name in turned ? [[name, turned[name]]] : []));
  const named = JSON.stringify(own);
  return useMemo(() => Object.fromEntries(JSON.parse(named) as [string, DialValue][]), [named]);
}

/** How a reader looks at a chart, for themselves. */
export interface ReaderLook {
  dials: TurnedDials;
  /** the first day of the period that they have chosen */
  chosen?: Day;
  /** the grain that they have chosen */
  grain?: Grain;
  /** what they have picked in other charts */
  narrowings: readonly Narrowing[];
}

/**
 * The reading of a chart on a dashboard, by an account or by a link.
 * @param link the token of the address; null for those with an account
 * @param look where the reader has turned dials, and what narrows the chart
 */
export function useChartReading(
  chart: PlacedChart,
  link: string | null,
  style: BoardStyle,
  { dials, chosen, grain, narrowings }: ReaderLook,
) {
  const own = useOwnDials(chart.definition, dials);
  const definition = useMemo(() => atGrain(chart.definition, grain), [chart.definition, grain]);
  const otherGrain = definition === chart.definition ? undefined : definition.grain;
  const asked = positionsAsked(chart.definition, own);
  // While a dial is being turned, the last figures stand until the next are there.
  const { data, currentData, error } = api.useChartFramesQuery(
    {
      chartId: chart.id,
      link,
      dials: useDeferredValue(asked),
      grain: otherGrain,
      narrowed: narrowings.length > 0 ? JSON.stringify(narrowings) : undefined,
    },
    { refetchOnFocus: true },
  );
  // Figures of another grain would stand at the wrong periods: the last chart stands meanwhile.
  const [last, setLast] = useState(definition);
  const standing = currentData ? definition : last;
  if (standing !== last) setLast(standing);
  return {
    reading: useReadingOf(standing, data, style, own, chosen),
    problems: data?.problems ?? [],
    /** by narrowing: whether the chart follows it */
    follows: data?.follows,
    error,
  };
}

/** A reading, or the last there was while the next is on its way: nothing is blank meanwhile. */
export function useLastReading(reading: Reading | null): Reading | null {
  const [last, setLast] = useState(reading);
  if (reading && reading !== last) setLast(reading);
  return reading ?? last;
}
