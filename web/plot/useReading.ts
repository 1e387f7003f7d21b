import { useMemo, useState } from 'react';
import type { ChartFrames, PlacedChart } from '../../contract';
import { parseDay } from '../../core/calendar';
import type { DrawnChart } from '../../core/chart';
import { type Reading, readChart } from '../../core/reading';
import { api } from '../api';

/** Reads a definition against the figures the server has sent. */
export function useReadingOf(
  definition: DrawnChart | undefined,
  figures: ChartFrames | undefined,
): Reading | null {
  return useMemo(
    () =>
      definition && figures
        ? readChart(definition, figures.frames, { today: parseDay(figures.today) ?? 0 })
        : null,
    [definition, figures],
  );
}

/** The reading of a chart on a dashboard, by an account or by a link. */
export function useChartReading(chart: PlacedChart, link: string | null) {
  const { data, error } = api.useChartFramesQuery(
    { chartId: chart.id, link },
    { refetchOnFocus: true },
  );
  return { reading: useReadingOf(chart.definition, data), problems: data?.problems ?? [], error };
}

/** A reading, or the last there was while the next is on its way: nothing is blank meanwhile. */
export function useLastReading(reading: Reading | null): Reading | null {
  const [last, setLast] = useState(reading);
  if (reading && reading !== last) setLast(reading);
  return reading ?? last;
}
