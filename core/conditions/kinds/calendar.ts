import { oneOf, orNone, Sentence, several, ways } from '../../sentences';
import { mixed, object } from 'yup';
import { civilDate, weekday } from '../../calendar';
import { shortMonthNames, shortWeekdayNames } from '../../labels';
import { figure, list } from '../../values';
import type { ConditionKind } from '../condition';

/** In some months of any year, or on some weekdays. */
export interface CalendarCondition {
  kind: 'calendar';
  part: 'months' | 'weekdays';
  /** 1 to 12, or 1 (Monday) to 7 */
  values: number[];
}

const calendarSentence = (
  part: CalendarCondition['part'],
  words: string,
  names: readonly string[],
) =>
  Sentence.of<CalendarCondition>({ kind: 'calendar', part })
    .words(words)
    .slot(
      'values',
      orNone('none', several(oneOf(names.map((name, at) => [at + 1, name] as const)))),
    );

export const calendarCondition: ConditionKind<CalendarCondition> = {
  kind: 'calendar',
  sentence: ways<CalendarCondition>(
    [({ part }) => part === 'months', calendarSentence('months', 'falls in ', shortMonthNames)],
    [() => true, calendarSentence('weekdays', 'falls on ', shortWeekdayNames)],
  ),
  schema: () =>
    object({
      kind: mixed<'calendar'>().oneOf(['calendar']).required(),
      part: mixed<CalendarCondition['part']>().oneOf(['months', 'weekdays']).required(),
      values: list(figure().integer().min(1).max(12).required(), 12).required(),
    }),
  say: ({ part, values }) => {
    const names = part === 'months' ? shortMonthNames : shortWeekdayNames;
    const known = values.flatMap((value) => names[value - 1] ?? []);
    return `${part === 'months' ? 'in' : 'on'} ${known.join(', ')}`;
  },
  test: ({ part, values }, { axis, positions, grain }) => {
    const dated = axis === 'calendar' || axis === 'year';
    const told =
      dated && (part === 'months' ? grain !== 'quarter' && grain !== 'year' : grain === 'day');
    const inIt = (day: number) =>
      values.includes(part === 'months' ? civilDate(day).month : weekday(day));
    return {
      thresholds: [],
      edges: true,
      at: (place) => (told ? inIt(Math.floor(positions[place]?.middle ?? 0)) : null),
      onStroke: ({ x }) => (told ? inIt(Math.floor(x)) : null),
    };
  },
};
