import { type ReactNode, useMemo } from 'react';
import { formatDay } from '../../core/calendar';
import type { ChartDefinition } from '../../core/chart';
import type { Reading } from '../../core/reading';
import type { About, Names } from '../../core/sentences';
import { namesWith } from '../../core/text';
import { middleLevel, shownDay } from './firstDrafts';
import { Speaking } from '../sentences';

interface AboutProps {
  chart: ChartDefinition;
  reading: Reading | null;
  /** what can be named beside what the chart holds */
  around: Names;
  children: ReactNode;
}

/** Gives the sentences within what they can name, and what their first drafts are made about. */
export function AboutChart({ chart, reading, around, children }: AboutProps) {
  const level = middleLevel(reading);
  const today = formatDay(reading ? shownDay(reading) : 0);
  const about = useMemo<About>(
    () => ({ names: { ...namesWith(chart, around), bare: true }, level, today }),
    [chart, around, level, today],
  );
  return <Speaking about={about}>{children}</Speaking>;
}
