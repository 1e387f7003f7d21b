import { between, type Entry, partName, said, Sentence, ways } from '../../sentences';
import { mixed, object, string } from 'yup';
import { numberAt } from '../../dials';
import { daysFrom } from './daysFrom';
import { figure } from '../../values';
import { nothingFound, type YardstickKind } from './kind';

/** The date line at today, or some days before or after it. */
export interface TodayDefinition {
  id: string;
  kind: 'today';
  offsetDays: number;
  /** a dial that says how many days instead; missing or null: none */
  dial?: string | null;
}

export const today: YardstickKind<TodayDefinition> = {
  kind: 'today',
  drawnAs: 'dates',
  sentence: ways<TodayDefinition>(
    [
      ({ dial }) => dial != null,
      Sentence.of<TodayDefinition>({ kind: 'today' })
        .words('a line as many days from today as ')
        .slot('dial', partName('dial', 'number') as Entry<string | null | undefined>)
        .words(' says')
        .option('offsetDays', 0, between('else ', daysFrom('today'))),
    ],
    [
      () => true,
      Sentence.of<TodayDefinition>({ kind: 'today' })
        .words('a line ')
        .slot('offsetDays', daysFrom('today'))
        .option('dial', undefined, said(null, 'set by no dial')),
    ],
  ),
  schema: () =>
    object({
      id: string().required().max(40),
      kind: mixed<'today'>().oneOf(['today']).required(),
      offsetDays: figure().integer().min(-3660).max(3660).required(),
      dial: string().nullable().optional().max(40),
    }),
  find: ({ offsetDays, dial = null }, { today: day, dials }) => {
    const turned = dial === null ? null : numberAt(dials, dial);
    return { ...nothingFound, days: [day + Math.round(turned ?? offsetDays)] };
  },
};
