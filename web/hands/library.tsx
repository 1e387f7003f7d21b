import { lazy, Suspense } from 'react';
import type { DayProps, DaysProps } from './hand';
import { dayWidth, roomOf } from './room';

/*
 * What reading needs of the control library: it comes after the first picture, into room that is kept.
 */
export { Choice, Range, Several, Tick, TitleField, TypedNumber } from './fields';
export {
  Act,
  Button,
  Controls,
  Disclosure,
  Empty,
  Menu,
  say,
  Segments,
  SidePanel,
} from '../controls';

/** The largest of all, and few dashboards turn a date. */
const Calendar = lazy(() =>
  import('./DayField').then(({ DayField: field }) => ({ default: field })),
);

/** A day. */
export const DayField = (props: DayProps) => (
  <Suspense fallback={roomOf({ width: dayWidth })}>
    <Calendar {...props} />
  </Suspense>
);

const Calendars = lazy(() =>
  import('./DayField').then(({ DaysField: field }) => ({ default: field })),
);

/** Two days, or either. */
export const DaysField = (props: DaysProps) => (
  <Suspense fallback={roomOf({ width: 2 * dayWidth + 90 })}>
    <Calendars {...props} />
  </Suspense>
);
