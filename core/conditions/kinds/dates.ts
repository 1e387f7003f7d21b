import { date, nullable, Sentence, ways } from '../../sentences';
import { mixed, object } from 'yup';
import { dateText, parseDay } from '../../calendar';
import { writeDay } from '../../labels';
import type { ConditionKind } from '../condition';

/** After a date, or before it. */
export interface DatesCondition {
  kind: 'dates';
  is: 'before' | 'from';
  /** written 2026-11-23; null: today */
  date: string | null;
}

const day = nullable('today', date);

const dated = (is: DatesCondition['is'], before: string, after: string) =>
  Sentence.of<DatesCondition>({ kind: 'dates', is }).words(before).slot('date', day).words(after);

export const datesCondition: ConditionKind<DatesCondition> = {
  kind: 'dates',
  sentence: ways<DatesCondition>(
    [({ is }) => is === 'before', dated('before', 'is before ', '')],
    [() => true, dated('from', 'is from ', ' on')],
  ),
  schema: () =>
    object({
      kind: mixed<'dates'>().oneOf(['dates']).required(),
      is: mixed<DatesCondition['is']>().oneOf(['before', 'from']).required(),
      date: dateText(),
    }),
  say: ({ is, date }) => {
    const day = date === null ? null : parseDay(date);
    return `${is === 'before' ? 'before' : 'from'} ${day === null ? 'today' : writeDay(day)}${is === 'from' ? ' on' : ''}`;
  },
  test: ({ is, date }, { axis, positions, line: { days }, today }) => {
    const day = (date === null ? null : parseDay(date)) ?? today;
    const holds = (at: number | null) => (at === null ? null : at >= day === (is === 'from'));
    // Years that are laid over each other stand on the days of any year, and have their own beside.
    const middle = (place: number) =>
      days
        ? (days[place] ?? null)
        : axis === 'calendar'
          ? (positions[place]?.middle ?? null)
          : null;
    return {
      thresholds: [],
      edges: true,
      at: (place) => holds(middle(place)),
      onStroke: ({ from, x }) => {
        const own = middle(from);
        return holds(own === null ? null : own + x - (positions[from]?.middle ?? x));
      },
    };
  },
};
