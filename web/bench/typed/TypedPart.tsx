import { useEffect, useState } from 'react';
import { formatDay } from '../../../core/calendar';
import type { ChartDefinition } from '../../../core/chart';
import type { Reading } from '../../../core/reading';
import type { Names } from '../../../core/sentences';
import { TypedLine } from './TypedLine';

/** The key that opens the line, where nothing else is written in. */
const key = '+';

interface TypedPartProps {
  chart: ChartDefinition;
  reading: Reading | null;
  /** what can be named beside what the chart holds */
  around: Names;
  onPreview: (chart: ChartDefinition | null) => void;
}

/** What leads from the sentence of a chart to what can be added to it, in words. */
export function TypedPart({ chart, reading, around, onPreview }: TypedPartProps) {
  const [open, setOpen] = useState(false);
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const within = (event.target as HTMLElement).closest('input, textarea, [role="dialog"]');
      if (event.key !== key || within || event.ctrlKey || event.metaKey) return;
      event.preventDefault();
      setOpen(true);
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, []);
  const axis = reading?.panels[0]?.axis;
  const about = {
    level: axis ? Number(((axis.from + axis.to) / 2).toPrecision(2)) : 0,
    today: formatDay(reading?.today ?? 0),
  };
  if (open)
    return <TypedLine {...{ chart, around, about, onPreview }} onClose={() => setOpen(false)} />;
  return (
    <button
      type="button"
      className="phrase typed-handle"
      aria-keyshortcuts={key}
      title={`Say what to add (${key})`}
      onClick={() => setOpen(true)}
    >
      and …
    </button>
  );
}
