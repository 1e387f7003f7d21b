import { writeFigure, writeWhole } from '../../core/labels';
import { offWord, type Reading, type ReadSeries } from '../../core/reading';
import { page, shades, StrokeSample } from '../look';
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

const cardWidths = { compact: 178, usual: 236 };
const compactBelow = 640;
const mostRows = 12;

/** The line at a period, a dot on each series, and a card with all values there. */
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
  const cardWidth = compact ? cardWidths.compact : cardWidths.usual;
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
      <div
        className={`crosshair-card${held ? ' held' : ''}${compact ? ' compact' : ''}`}
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
        {missing.length > 0 && !compact && (
          <p className="quiet small">
            No figure:{' '}
            {missing
              .map(({ name }) => name)
              .slice(0, 6)
              .join(', ')}
          </p>
        )}
        {held && onWriteNote && (
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
  const { comparison } = series;
  const difference = comparison?.differences[period] ?? null;
  const judgement = comparison?.judgements[period];
  const colour = colourAt(series, reading.periods[period]?.middle ?? 0);
  return (
    <div className={strong ? 'crosshair-row strong' : 'crosshair-row'}>
      <StrokeSample stroke={{ ...series.stroke, colour }} />
      <span className="crosshair-name">{series.name}</span>
      <span title={writeWhole(figure)}>{writeFigure(figure, reading.format)}</span>
      {comparison && difference !== null && (
        <span className={`crosshair-difference ${judgement ?? ''}`}>
          {difference === 0
            ? `exactly on ${comparison.markName}`
            : `${writeFigure(Math.abs(difference), reading.format)} ${difference < 0 ? 'under' : 'over'} ${comparison.markName}`}
          {judgement === 'off' &&
            `, ${offWord(comparison.good) === 'under' ? 'short of' : 'beyond'} the mark`}
        </span>
      )}
    </div>
  );
}

/** The colour a series wears at a period. */
function colourAt(series: ReadSeries, middle: number) {
  const piece = series.pieces.find(({ x, judgement }) => judgement === 'off' && x.includes(middle));
  return (
    (piece ?? series.pieces.find(({ x }) => x.includes(middle)))?.colour ?? series.stroke.colour
  );
}
