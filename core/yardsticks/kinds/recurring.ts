import { oneOf, Sentence, ways } from '../../sentences';
import { mixed, object, string } from 'yup';
import {
  civilDate,
  type Day,
  nextPeriod,
  periodStart,
  weekday,
  yearStartDay,
  yearOf,
} from '../../calendar';
import { weekdayNames } from '../../labels';
import { figure } from '../../values';
import { nothingFound, type YardstickKind } from './kind';

export const recurrences = [
  'weekday',
  'monthStart',
  'monthEnd',
  'quarterEnd',
  'yearStart',
] as const;

/** A date line again and again: each Thursday, each month's end. */
export interface RecurringDefinition {
  id: string;
  kind: 'recurring';
  name: string;
  each: (typeof recurrences)[number];
  /** 1 (Monday) to 7; only for weekdays */
  weekday: number;
}

const names: Record<Exclude<RecurringDefinition['each'], 'weekday'>, string> = {
  monthStart: 'Month starts',
  monthEnd: 'Month ends',
  quarterEnd: 'Quarter ends',
  yearStart: 'Year starts',
};

/** What is kept of a weekday where none is meant. */
const plainWeekday = 4;

/** More lines than these are no marks any more. */
const mostDays = 400;

export const recurring: YardstickKind<RecurringDefinition> = {
  kind: 'recurring',
  drawnAs: 'dates',
  often: true,
  sentence: ways<RecurringDefinition>(
    [
      ({ each }) => each === 'weekday',
      Sentence.of<RecurringDefinition>({ kind: 'recurring', each: 'weekday' })
        .words('a line on each ')
        .slot('weekday', oneOf(weekdayNames.map((name, at) => [at + 1, name] as const))),
    ],
    [
      () => true,
      Sentence.of<RecurringDefinition>({ kind: 'recurring', weekday: plainWeekday })
        .words('a line at each ')
        .slot(
          'each',
          oneOf<RecurringDefinition['each']>([
            ['monthStart', 'start of a month'],
            ['monthEnd', 'end of a month'],
            ['quarterEnd', 'end of a quarter'],
            ['yearStart', 'start of a fiscal year'],
          ]),
        ),
    ],
  ),
  schema: () =>
    object({
      id: string().required().max(40),
      kind: mixed<'recurring'>().oneOf(['recurring']).required(),
      name: string().required().trim().min(1).max(120),
      each: mixed<RecurringDefinition['each']>().oneOf(recurrences).required(),
      weekday: figure().integer().min(1).max(7).required(),
    }),
  named: ({ each, weekday: on }) => (each === 'weekday' ? `${weekdayNames[on - 1]}s` : names[each]),
  find: ({ each, weekday: on }, { axis, positions, yearStart }) => {
    const [first, last] = [positions[0], positions.at(-1)];
    if (axis !== 'calendar' || !first || !last) return nothingFound;
    const days: Day[] = [];
    for (let day = first.start; day < last.next && days.length < mostDays; day += 1)
      if (falls(day, each, on, yearStart)) days.push(day);
    return { ...nothingFound, scope: `${days.length} dates shown`, days };
  },
};

function falls(
  day: Day,
  each: RecurringDefinition['each'],
  on: number,
  yearStart: number,
): boolean {
  if (each === 'weekday') return weekday(day) === on;
  if (each === 'monthStart') return civilDate(day).date === 1;
  if (each === 'yearStart') return day === yearStartDay(yearOf(day, yearStart), yearStart);
  const grain = each === 'monthEnd' ? 'month' : 'quarter';
  return nextPeriod(periodStart(day, grain), grain) - 1 === day;
}
