import { parseDay } from '../../core/calendar';
import type { Narrowing } from '../../core/chart';
import { writeStretch } from '../../core/labels';

interface NarrowedStripProps {
  narrowings: readonly Narrowing[];
  /** the title of a chart as it is read */
  titleOf: (chart: number) => string;
  onLetGo: (kind: Narrowing['kind']) => void;
}

/** What a narrowing keeps, in a few words. */
export function sayNarrowing(narrowing: Narrowing): string {
  if (narrowing.kind === 'line') return narrowing.word || 'blank';
  return writeStretch(parseDay(narrowing.from) ?? 0, parseDay(narrowing.to) ?? 0);
}

/** What a chart shows of what was picked in others: only that, or all, where it cannot follow. */
export function sayNarrowed(
  narrowings: readonly Narrowing[],
  follows: readonly boolean[] | undefined,
): string {
  const parts = (follow: boolean) =>
    narrowings.filter((_, at) => follows?.[at] === follow).map(sayNarrowing);
  const [kept, not] = [parts(true), parts(false)];
  return [
    kept.length > 0 && `only ${kept.join(' and ')}`,
    not.length > 0 && (kept.length > 0 ? `not narrowed to ${not.join(' and ')}` : 'not narrowed'),
  ]
    .filter(Boolean)
    .join(', ');
}

/** What was picked in one chart and narrows the others, each to be let go. */
export function NarrowedStrip({ narrowings, titleOf, onLetGo }: NarrowedStripProps) {
  if (narrowings.length === 0) return null;
  return (
    <section className="held-strip small" aria-label="Narrowed to">
      <span className="quiet">Narrowed to</span>
      {narrowings.map((narrowing) => (
        <button
          key={narrowing.kind}
          type="button"
          className="held-chip narrowed"
          title={`picked in “${titleOf(narrowing.chart)}”`}
          onClick={() => onLetGo(narrowing.kind)}
        >
          {sayNarrowing(narrowing)} <span aria-hidden="true">×</span>
          <span className="visually-hidden">: show everything again</span>
        </button>
      ))}
    </section>
  );
}
