import { spreadLabels, writeFigure } from '../../core/labels';
import type { Reading, ReadSeries } from '../../core/reading';
import { lettered, page } from '../look';
import { colourAt, sayDifference } from './atPeriod';
import { toX, toY } from './geometry';
import { geometryOn, type PlacedPanel } from './panels';

interface CompactReadOutProps {
  reading: Reading;
  placed: PlacedPanel;
  period: number;
  /** the series that have a figure there */
  valued: readonly ReadSeries[];
  highlight: string | null;
  /** the date is said here; of several panels in one only */
  dated: boolean;
  /** missing unless the date is held and notes may be written */
  onWriteNote?: () => void;
}

const height = 17;
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
  const { left, right, width, top, bottom } = geometry;
  const plotBottom = geometry.height - bottom;
  const most = Math.max(1, Math.floor((plotBottom - top) / height));
  const shown = valued.slice(0, most);
  const centres = spreadLabels(
    shown.map(({ figures, second }) => ({
      wanted: toY(geometryOn(placed, second), figures[period] ?? 0),
      height,
    })),
    { from: top, to: plotBottom },
  );
  const toLeft = x > (left + width - right) / 2;
  const compared = shown.find(({ comparison }) => comparison);
  const difference = compared && sayDifference(compared, period);
  return (
    <div aria-hidden={!onWriteNote}>
      {shown.map((series, place) => (
        <span
          key={series.id}
          className={`value-chip${series.id === highlight ? ' strong' : ''}`}
          style={{
            top: (centres[place] ?? 0) - height / 2,
            ...(toLeft ? { right: width - x + 8 } : { left: x + 8 }),
            color:
              highlight === null || series.id === highlight
                ? lettered[colourAt(series, here.middle)]
                : page.third,
          }}
        >
          {writeFigure(series.figures[period] ?? 0, series.format)}
        </span>
      ))}
      {dated && (
        <div
          className="date-chip"
          style={{
            top: plotBottom + 3,
            left: Math.max(0, Math.min(x - dateWidth / 2, width - dateWidth)),
            width: dateWidth,
          }}
        >
          <strong>
            {here.label}
            {here.open && ', not complete yet'}
          </strong>
          {onWriteNote ? (
            <button type="button" className="act" onClick={onWriteNote}>
              Write a note here
            </button>
          ) : (
            difference && <span>{difference}</span>
          )}
        </div>
      )}
    </div>
  );
}
