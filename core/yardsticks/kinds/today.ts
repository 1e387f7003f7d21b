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
  /** it counts back */
  back?: true;
}

/** So many days from today as a dial says. */
const byDial = (way: Pick<TodayDefinition, 'back'>, words: string) =>
  Sentence.of<TodayDefinition>({ kind: 'today', ...way })
    .words('a line ')
    .slot('dial', partName('dial', 'number') as Entry<string | null | undefined>)
    .words(words)
    .option('offsetDays', 0, between('else ', daysFrom('today')));

export const today: YardstickKind<TodayDefinition> = {
  kind: 'today',
  drawnAs: 'dates',
  sentence: ways<TodayDefinition>(
    [({ dial, back }) => dial != null && !!back, byDial({ back: true }, ' days before today')],
    [({ dial }) => dial != null, byDial({ back: undefined }, ' days after today')],
    [
      () => true,
      Sentence.of<TodayDefinition>({ kind: 'today', back: undefined })
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
      back: mixed<true>().oneOf([true]).optional(),
    }),
  find: ({ offsetDays, dial = null, back }, { today: day, dials }) => {
    const turned = dial === null ? null : numberAt(dials, dial);
    const days = turned === null ? offsetDays : back ? -turned : turned;
    return { ...nothingFound, days: [day + Math.round(days)] };
  },
};
