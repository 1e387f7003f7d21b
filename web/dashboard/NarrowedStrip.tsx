import { type Narrowing, sayNarrowing } from '../../core/narrowing';
import { Act } from '../hands';

interface NarrowedStripProps {
  narrowings: readonly Narrowing[];
  /** the title of a chart as it is read */
  titleOf: (chart: number) => string;
  onLetGo: (kind: Narrowing['kind']) => void;
}

/** What was picked in one chart and narrows the others, each to be let go. */
export function NarrowedStrip({ narrowings, titleOf, onLetGo }: NarrowedStripProps) {
  if (narrowings.length === 0) return null;
  return (
    <section className="held-strip small" aria-label="Narrowed to">
      <span className="quiet">Narrowed to</span>
      {narrowings.map((narrowing) => (
        <Act
          key={narrowing.kind}
          className="held-chip narrowed"
          title={`picked in “${titleOf(narrowing.chart)}”`}
          onClick={() => onLetGo(narrowing.kind)}
        >
          {sayNarrowing(narrowing)} <span aria-hidden="true">×</span>
          <span className="visually-hidden">: show everything again</span>
        </Act>
      ))}
    </section>
  );
}
