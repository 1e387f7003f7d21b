import { fillSlots, writeDay, writeFigure } from '../labels';
import type { Reading, ReadPanel } from './reading';
import { linesOf } from './words';

type Found = Pick<Reading, 'positions' | 'panels' | 'today' | 'look' | 'format' | 'secondFormat'>;

/** The names of slots that every chart has a value for, beside those of its series and yardsticks. */
export const periodSlots = [
  'first period',
  'last period',
  'last actual',
  'today',
  'filters',
] as const;

/**
 * Puts into a title what its slots ask for: periods, filters, the last figure of a series, the value
 * of a yardstick.
 * @param filtered what the filters of the chart keep, in words
 */
export function fillTitle(text: string, reading: Found, filtered: string): string {
  if (!text.includes('{')) return text;
  const { positions, panels, today, look } = reading;
  const lines = linesOf(reading);
  const lastActual = positions.findLastIndex((_, place) =>
    lines.some(
      ({ role, figures, open }) =>
        role === 'actual' && !open[place] && (figures[place] ?? null) !== null,
    ),
  );
  const values = new Map<string, string>([
    ...panels.flatMap((panel) => yardstickValues(reading, panel)),
    ...lines.flatMap(({ name, last, figures, format }): [string, string][] =>
      last === null ? [] : [[name, writeFigure(figures[last] ?? 0, format)]],
    ),
    ['first period', positions[0]?.label ?? ''],
    ['last period', positions.at(-1)?.label ?? ''],
    ['last actual', positions[lastActual]?.label ?? ''],
    ['today', writeDay(today, look.periods.dates)],
    ['filters', filtered],
  ]);
  return fillSlots(text, values);
}

function yardstickValues(
  { format, secondFormat }: Pick<Found, 'format' | 'secondFormat'>,
  { yardsticks }: ReadPanel,
): [string, string][] {
  return yardsticks.flatMap(({ name, value, second }): [string, string][] =>
    value === null ? [] : [[name, writeFigure(value, second ? secondFormat : format)]],
  );
}
