import type { ReactNode } from 'react';
import { formatDay } from '../../../core/calendar';
import type { ChartDefinition } from '../../../core/chart';
import type { Reading } from '../../../core/reading';
import type { Names } from '../../../core/sentences';
import type { Typed } from '../../../core/text';
import { middleLevel } from '../firstDrafts';
import { TypedLine } from './TypedLine';

interface TypedPartProps {
  chart: ChartDefinition;
  reading: Reading | null;
  /** what can be named beside what the chart holds */
  around: Names;
  onPreview: (typed: Typed | null) => void;
  onClose: () => void;
  /** the phrases of what is plain */
  children: ReactNode;
}

/** What else can be said of a chart: by what is plain of it, or in words of one's own. */
export function TypedPart({
  chart,
  reading,
  around,
  onPreview,
  onClose,
  children,
}: TypedPartProps) {
  const about = {
    level: middleLevel(reading),
    today: formatDay(reading?.today ?? 0),
  };
  return (
    <div className="typed-part">
      <p className="typed-plain">Plainly: {children}</p>
      <TypedLine {...{ chart, around, about, onPreview, onClose }} />
    </div>
  );
}
