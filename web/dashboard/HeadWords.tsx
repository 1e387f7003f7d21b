import { useState } from 'react';
import type { PlacedChart } from '../../contract';
import { linesOf, type Reading } from '../../core/reading';
import { Act } from '../hands';
import { byReading } from './places';

interface HeadWordsProps {
  charts: readonly PlacedChart[];
  /** the readings of the charts, by chart */
  readings: Readonly<Record<number, Reading>>;
}

/**
 * Where things stand, in the words of the first charts that hold something against a mark: a line or
 * two, and the rest when it is asked for.
 */
export function HeadWords({ charts, readings }: HeadWordsProps) {
  const [whole, setWhole] = useState(false);
  const compared = charts.some(isCompared);
  const inOrder = byReading(charts).flatMap(({ id }) => readings[id] ?? []);
  const [first = '', ...others] = standingsOf(inOrder);
  const outlook = inOrder.find((reading) => reading.outlook.length > 0)?.outlook ?? [];
  const rest = [...outlook, ...others];
  if (!compared) return null;
  return (
    // Its room is kept: charts that are being looked at must not move down for it.
    <div className={whole ? 'head-words whole' : 'head-words'}>
      <p className="standing">
        <span>{first}</span>
        {rest.length > 0 && (
          <Act aria-expanded={whole} onClick={() => setWhole(!whole)}>
            {whole ? 'Less' : 'Why?'}
          </Act>
        )}
      </p>
      <p className="outlook quiet small">{rest.join(' ')}</p>
    </div>
  );
}

/** What charts say of where they stand; of several that speak of one measure, the first alone. */
export function standingsOf(readings: readonly Reading[]): string[] {
  const spoken = new Set<string>();
  return readings.flatMap((reading) => {
    const of = linesOf(reading).find(({ comparison }) => comparison)?.seriesName ?? '';
    if (!reading.standing || spoken.has(of)) return [];
    spoken.add(of);
    return [reading.standing];
  });
}

/** Whether a chart holds a series against a mark, so that there is something to tell of it. */
const isCompared = ({ definition: { series } }: PlacedChart) => series.some(({ mark }) => mark);
