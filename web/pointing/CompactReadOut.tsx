import type { Reading, ReadSeries } from '../../core/reading';
import { type Highlight, type PlacedPanel, plotBottom, sayDifference, toX } from '../picture';
import { ValueChips } from './ValueChips';
import { Act } from '../hands';

interface CompactReadOutProps {
  reading: Reading;
  placed: PlacedPanel;
  period: number;
  /** the series that have a figure there */
  valued: readonly ReadSeries[];
  highlight: Highlight;
  /** the date is said here; of several panels in one only */
  dated: boolean;
  /** missing unless the date is held and notes may be written */
  onWriteNote?: () => void;
}

const dateWidth = 168;

/**
 * What a small chart says at a period, without a card over it: each value beside its point, the
 * date on the tape. The names at the ends of the lines stay free.
 */
export function CompactReadOut(props: CompactReadOutProps) {
  const { reading, placed, period, valued, highlight, dated, onWriteNote } = props;
  const here = reading.positions[period];
  if (!here) return null;
  const { geometry } = placed;
  const x = toX(geometry, here.middle);
  const { width } = geometry;
  const below = plotBottom(geometry);
  const compared = valued.find(({ comparison }) => comparison);
  const difference = compared && sayDifference(compared, period);
  return (
    <div aria-hidden={!onWriteNote}>
      <ValueChips {...{ reading, placed, period, valued, highlight }} />
      {dated && (
        <div
          className="date-chip"
          style={{
            top: below + 3,
            left: Math.max(0, Math.min(x - dateWidth / 2, width - dateWidth)),
            width: dateWidth,
          }}
        >
          <strong>
            {here.label}
            {here.open && ', not complete yet'}
          </strong>
          {onWriteNote ? (
            <Act onClick={onWriteNote}>Write a note here</Act>
          ) : (
            difference && <span>{difference}</span>
          )}
        </div>
      )}
    </div>
  );
}
