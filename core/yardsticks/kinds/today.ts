import { mixed, object, string } from 'yup';
import { figure } from '../../values';
import { nothingFound, type YardstickKind } from './kind';

/** The date line at today, or some days before or after it. */
export interface TodayDefinition {
  id: string;
  kind: 'today';
  offsetDays: number;
}

export const today: YardstickKind<TodayDefinition> = {
  kind: 'today',
  schema: object({
    id: string().required().max(40),
    kind: mixed<'today'>().oneOf(['today']).required(),
    offsetDays: figure().integer().min(-3660).max(3660).required(),
  }),
  drafts: [{ label: 'Today', draft: () => ({ kind: 'today', offsetDays: 0 }) }],
  find: ({ offsetDays }, context) => ({ ...nothingFound, days: [context.today + offsetDays] }),
};
