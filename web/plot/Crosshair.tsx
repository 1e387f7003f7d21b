import { writeFigure, writeWhole } from '../../core/labels';
import type { Reading, ReadSeries } from '../../core/reading';
import { page, shades, StrokeSample } from '../look';
import { colourAt, sayDifference, sayOff } from './atPeriod';
import { CompactReadOut } from './CompactReadOut';
import { type Geometry, toX, toY } from './geometry';

interface CrosshairProps {
  reading: Reading;
  geometry: Geometry;
  period: number;
  highlight: string | null;
  /** the series under the pointer */
  nearest: string | null;
  /** it stays until released */
  held: boolean;
  onWriteNote?: () => void;
}

const cardWidth = 236;
/** In narrower charts the card would cover what it speaks of. */
const compactBelow = 640;
const mostRows = 12;

/** The line at a period, a dot on each series, and all values there: in a card, where there is room. */
export function Crosshair({
  reading,
  geometry,
  period,
  highlight,
  nearest,
  held,
  onWriteNote,
}: CrosshairProps) {
  const here = reading.periods[period];
  if (!here) return null;
  const x = toX(geometry, here.middle);
  const { height, top, bottom } = geometry;
  const valued = reading.series
    .filter(({ figures }) => figures[period] !== null)
    .sort((a, b) => (b.figures[period] ?? 0) - (a.figures[period] ?? 0));
  const missing = reading.series.filter(({ figures }) => figures[period] === null);
  const compact = geometry.width < compactBelow;
  const toLeft = x + 14 + cardWidth > geometry.width;
  return (
    <>
      <svg className="crosshair" width={geometry.width} height={height} aria-hidden="true">
        <line
          x1={x}
          x2={x}
          y1={top}
          y2={height - bottom}
          stroke={page.ink}
          strokeWidth={held ? 1.4 : 1}
          strokeDasharray={held ? undefined : '3 3'}
        />
        {valued.map((series) => (
          <circle
            key={series.id}
            cx={x}
            cy={toY(geometry, series.figures[period] ?? 0)}
            r={series.id === highlight || series.id === nearest ? 5 : 3.5}
            fill={page.sheet}
            stroke={shades[colourAt(series, here.middle)]}
            strokeWidth={2}
          />
        ))}
      </svg>
      {compact && (
        <CompactReadOut
          reading={reading}
          geometry={geometry}
          period={period}
          valued={valued}
          highlight={highlight}
          onWriteNote={held ? onWriteNote : undefined}
        />
      )}
      <div
        className={compact ? 'visually-hidden' : `crosshair-card${held ? ' held' : ''}`}
        style={{ left: toLeft ? Math.max(0, x - 14 - cardWidth) : x + 14, width: cardWidth, top }}
        role="status"
      >
        <p className="crosshair-head">
          <strong>{here.label}</strong>
          {here.open && <span className="quiet"> not complete yet</span>}
        </p>
        {valued.slice(0, mostRows).map((series) => (
          <ValueRow
            key={series.id}
            series={series}
            reading={reading}
            period={period}
            strong={series.id === highlight || series.id === nearest}
          />
        ))}
        {valued.length > mostRows && (
          <p className="quiet small">and {valued.length - mostRows} more</p>
        )}
        {missing.length > 0 && (
          <p className="quiet small">
            No figure:{' '}
            {missing
              .map(({ name }) => name)
              .slice(0, 6)
              .join(', ')}
          </p>
        )}
        {held && onWriteNote && !compact && (
          <button type="button" className="act" onClick={onWriteNote}>
            Write a note here
          </button>
        )}
      </div>
    </>
  );
}

interface ValueRowProps {
  series: ReadSeries;
  reading: Reading;
  period: number;
  strong: boolean;
}

function ValueRow({ series, reading, period, strong }: ValueRowProps) {
  const figure = series.figures[period] ?? 0;
  const difference = sayDifference(series, reading, period);
  const judgement = series.comparison?.judgements[period];
  const colour = colourAt(series, reading.periods[period]?.middle ?? 0);
  return (
    <div className={strong ? 'crosshair-row strong' : 'crosshair-row'}>
      <StrokeSample stroke={{ ...series.stroke, colour }} />
      <span className="crosshair-name">{series.name}</span>
      <span title={writeWhole(figure)}>{writeFigure(figure, reading.format)}</span>
      {difference && (
        <span className={`crosshair-difference ${judgement ?? ''}`}>
          {difference}
          {sayOff(series, period)}
        </span>
      )}
    </div>
  );
}
