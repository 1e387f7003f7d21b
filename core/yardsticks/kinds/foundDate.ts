import { nullable, partName, Sentence, ways } from '../../sentences';
import { mixed, object, string } from 'yup';
import { type Day, yearOf, yearStartDay } from '../../calendar';
import { dayAt } from '../../dials';
import { countPeriods } from '../../labels';
import { daysFrom } from './daysFrom';
import { figure } from '../../values';
import type { YardstickContext } from '../context';
import { nothingFound, type YardstickKind } from './kind';

export const foundDates = ['lastActual', 'yearStart', 'yearEnd', 'dial'] as const;

/** A date line that finds its own date: the last actual, an end of the fiscal year, a dial. */
export interface FoundDateDefinition {
  id: string;
  kind: 'foundDate';
  name: string;
  at: (typeof foundDates)[number];
  /** the dial whose date it is; null for any other */
  dial: string | null;
  offsetDays: number;
}

const names: Record<FoundDateDefinition['at'], string> = {
  lastActual: 'Last actual',
  yearStart: 'Year start',
  yearEnd: 'Year end',
  dial: 'Set date',
};

const places = {
  lastActual: 'the last actual',
  yearStart: 'the start of the fiscal year',
  yearEnd: 'the end of the fiscal year',
};

export const foundDate: YardstickKind<FoundDateDefinition> = {
  kind: 'foundDate',
  drawnAs: 'dates',
  sentence: ways<FoundDateDefinition>(
    ...(Object.keys(places) as (keyof typeof places)[]).map(
      (at) =>
        [
          (definition: FoundDateDefinition) => definition.at === at,
          Sentence.of<FoundDateDefinition>({ kind: 'foundDate', at, dial: null })
            .words('a line ')
            .slot('offsetDays', daysFrom(places[at])),
        ] as const,
    ),
    [
      () => true,
      Sentence.of<FoundDateDefinition>({ kind: 'foundDate', at: 'dial' })
        .words('a line on the date of ')
        .slot('dial', nullable('no dial', partName('dial', 'date')))
        .option('offsetDays', 0, daysFrom('it')),
    ],
  ),
  schema: () =>
    object({
      id: string().required().max(40),
      kind: mixed<'foundDate'>().oneOf(['foundDate']).required(),
      name: string().required().trim().min(1).max(120),
      at: mixed<FoundDateDefinition['at']>().oneOf(foundDates).required(),
      dial: string().nullable().defined().max(40),
      offsetDays: figure().integer().min(-3660).max(3660).required(),
    }),
  named: ({ at, offsetDays }) => {
    if (offsetDays === 0) return names[at];
    const apart = countPeriods(Math.abs(offsetDays), 'day');
    return `${apart} ${offsetDays < 0 ? 'before' : 'after'} ${names[at].toLowerCase()}`;
  },
  find: ({ at, dial, offsetDays }, context) => {
    const day = dayOf(at, dial, context);
    return day === null ? nothingFound : { ...nothingFound, days: [day + offsetDays] };
  },
};

function dayOf(
  at: FoundDateDefinition['at'],
  dial: string | null,
  { positions, lines, today, yearStart, dials }: YardstickContext,
): Day | null {
  const year = yearOf(today, yearStart);
  if (at === 'yearStart') return yearStartDay(year, yearStart);
  if (at === 'yearEnd') return yearStartDay(year + 1, yearStart) - 1;
  if (at === 'dial') return dial === null ? null : dayAt(dials, dial);
  const last = positions.findLastIndex((_, place) =>
    lines.some(
      ({ plan, figures, open }) => !plan && !open[place] && (figures[place] ?? null) !== null,
    ),
  );
  const position = positions[last];
  return position ? position.next - 1 : null;
}
