import type { PeekLine } from '../../core/chart';
import { writeFigure, writeWhole } from '../../core/labels';
import { linesOf, type Reading, type ReadSeries } from '../../core/reading';
import { Act } from '../hands';
import { page, shadeOf, StrokeSample } from '../look';
import {
  colourAt,
  type Drawing,
  type DrawnPanel,
  geometryOn,
  type Highlight,
  isLit,
  plotBottom,
  sayDifference,
  sayOff,
  toX,
  toY,
  dashes,
} from '../picture';
import { CompactReadOut } from './CompactReadOut';

interface CrosshairProps {
  reading: Reading;
  drawing: Drawing;
  /** the panel pointed at, by its place */
  panel: number;
  period: number;
  highlight: Highlight;
  /** the series under the pointer */
  nearest: string | null;
  /** it stays until released */
  held: boolean;
  onWriteNote?: () => void;
}

const cardWidth = 236;
const mostRows = 12;

/**
 * The line at a period through all panels, a dot on each series, and all values there: in a card,
 * where there is room.
 */
export function Crosshair(props: CrosshairProps) {
  const { reading, drawing, period, highlight, nearest, held, onWriteNote } = props;
  const here = reading.positions[period];
  const pointed = drawing.panels[props.panel] ?? drawing.panels[0];
  if (!here || !pointed) return null;
  const { width, height } = pointed.geometry;
  const { compact } = drawing;
  const x = toX(pointed.geometry, here.middle);
  const toLeft = x + 14 + cardWidth > width;
  return (
    <>
      <svg className="crosshair" width={width} height={height} aria-hidden="true">
        {drawing.panels.map((placed) => (
          <PanelLine
            key={placed.number}
            {...{ reading, placed, period, highlight, nearest, held }}
          />
        ))}
      </svg>
      {compact &&
        drawing.panels.map((placed) => (
          <CompactReadOut
            key={placed.number}
            reading={reading}
            placed={placed}
            period={period}
            valued={valuedAt(placed.panel.series, period)}
            highlight={highlight}
            dated={placed === pointed}
            onWriteNote={held && placed === pointed ? onWriteNote : undefined}
          />
        ))}
      <div
        className={compact ? 'visually-hidden' : `crosshair-card${held ? ' held' : ''}`}
        style={{
          left: toLeft ? Math.max(0, x - 14 - cardWidth) : x + 14,
          width: cardWidth,
          top: pointed.geometry.top,
        }}
        role="status"
      >
        <Card {...{ reading, period, highlight, nearest }} />
        {held && onWriteNote && !compact && <Act onClick={onWriteNote}>Write a note here</Act>}
      </div>
    </>
  );
}

/**
 * The series that have a figure at a position, the greatest first.
 * @param period the place along the axis, from 0
 */
export const valuedAt = (series: readonly ReadSeries[], period: number) =>
  series
    .filter(({ figures }) => (figures[period] ?? null) !== null)
    .sort((a, b) => (b.figures[period] ?? 0) - (a.figures[period] ?? 0));

interface PanelLineProps extends Pick<CrosshairProps, 'reading' | 'period' | 'highlight'> {
  placed: DrawnPanel;
  nearest: string | null;
  held: boolean;
  /** how its author has it drawn; missing: as usual */
  look?: PeekLine;
}

const dashOf = ({ dash }: PeekLine) =>
  dash === 'solid' ? undefined : dashes[dash].replaceAll('px', '');

/** The line at a period through one panel, and a dot on each series. */
export function PanelLine(props: PanelLineProps) {
  const { reading, placed, period, highlight, nearest, held, look } = props;
  const { geometry, panel } = placed;
  const middle = reading.positions[period]?.middle ?? 0;
  const x = toX(geometry, middle);
  return (
    <>
      <line
        x1={x}
        x2={x}
        y1={geometry.top}
        y2={plotBottom(geometry)}
        stroke={look?.colour ? shadeOf(look.colour) : page.ink}
        strokeWidth={look?.width ?? (held ? 1.4 : 1)}
        strokeDasharray={look ? dashOf(look) : held ? undefined : '3 3'}
      />
      {valuedAt(panel.series, period).map((series) => (
        <circle
          key={series.id}
          cx={x}
          cy={toY(geometryOn(placed, series.second), series.figures[period] ?? 0)}
          r={isLit(highlight, series.id) || series.id === nearest ? 5 : 3.5}
          fill={page.sheet}
          stroke={shadeOf(colourAt(series, middle))}
          strokeWidth={2}
        />
      ))}
    </>
  );
}

/** What the read-out says: the period, and every line's value there. */
function Card({
  reading,
  period,
  highlight,
  nearest,
}: Pick<CrosshairProps, 'reading' | 'period' | 'highlight' | 'nearest'>) {
  const here = reading.positions[period];
  const lines = linesOf(reading);
  const valued = valuedAt(lines, period);
  const missing = lines.filter(({ figures }) => (figures[period] ?? null) === null);
  return (
    <>
      <p className="crosshair-head">
        <strong>{here?.label}</strong>
        {here?.open && <span className="quiet"> not complete yet</span>}
      </p>
      {valued.slice(0, mostRows).map((series) => (
        <ValueRow
          key={series.id}
          series={series}
          reading={reading}
          period={period}
          strong={isLit(highlight, series.id) || series.id === nearest}
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
  const difference = sayDifference(series, period);
  const judgement = series.comparison?.judgements[period];
  const colour = colourAt(series, reading.positions[period]?.middle ?? 0);
  return (
    <div className={strong ? 'crosshair-row strong' : 'crosshair-row'}>
      <StrokeSample stroke={{ ...series.stroke, colour }} />
      <span className="crosshair-name">{series.name}</span>
      <span title={writeWhole(figure, series.format.style?.marks)}>
        {writeFigure(figure, series.format)}
      </span>
      {difference && (
        <span className={`crosshair-difference ${judgement ?? ''}`}>
          {difference}
          {sayOff(series, period)}
        </span>
      )}
    </div>
  );
}
