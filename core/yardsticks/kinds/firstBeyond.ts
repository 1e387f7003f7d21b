import { mixed, object, string } from 'yup';
import { choice, number, partName, Sentence } from '../../sentences';
import { figure } from '../../values';
import { firstSeries, type YardstickKind } from './kind';
import { finishedPlaces, standsAt } from './standsAt';

/** A line where a series is first beyond a level. */
export interface FirstBeyondDefinition {
  id: string;
  kind: 'firstBeyond';
  name: string;
  series: string;
  side: 'over' | 'under';
  level: number;
}

export const firstBeyond: YardstickKind<FirstBeyondDefinition> = {
  kind: 'firstBeyond',
  drawnAs: 'dates',
  sentence: Sentence.of<FirstBeyondDefinition>({ kind: 'firstBeyond' })
    .words('a line where ')
    .slot('series', partName('series'))
    .words(' is first ')
    .slot('side', choice({ over: 'over', under: 'under' }))
    .words(' ')
    .slot('level', number()),
  schema: () =>
    object({
      id: string().required().max(40),
      kind: mixed<'firstBeyond'>().oneOf(['firstBeyond']).required(),
      name: string().required().trim().min(1).max(120),
      series: string().required().max(40),
      side: mixed<FirstBeyondDefinition['side']>().oneOf(['over', 'under']).required(),
      level: figure().required(),
    }),
  drafts: (about) => [
    { kind: 'firstBeyond', series: firstSeries(about), side: 'over', level: about.level },
  ],
  named: ({ side, level }) => `First ${side} ${level}`,
  find: ({ series, side, level }, context) => {
    const way = side === 'over' ? 1 : -1;
    const found = finishedPlaces(context, series).find(({ value }) => way * value > way * level);
    return standsAt(context, found?.place ?? -1);
  },
};
