import { lazy, Suspense } from 'react';
import type { DayProps } from './hand';
import { dayWidth, roomOf } from './room';

/*
 * What reading needs of the control library: it comes after the first picture, into room that is kept.
 */
export { Choice, Range, Tick, TitleField } from './fields';
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
