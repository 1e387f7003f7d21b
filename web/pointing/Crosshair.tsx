import type { PeekLine } from '../../core/chart';
import type { Reading, ReadSeries } from '../../core/reading';
import { page, shadeOf } from '../look';
import {
  colourAt,
  dashes,
  type Drawing,
  type DrawnPanel,
  geometryOn,
  type Highlight,
  isLit,
  plotBottom,
  toX,
  toY,
} from '../picture';

interface CrosshairProps {
  reading: Reading;
  drawing: Drawing;
  period: number;
  highlight: Highlight;
  /** the series under the pointer */
  nearest: string | null;
}

/** The line at a period through all panels, and a dot on each series; what they say is read beside. */
export function Crosshair({ reading, drawing, period, highlight, nearest }: CrosshairProps) {
  const [first] = drawing.panels;
  if (!reading.positions[period] || !first) return null;
  const { width, height } = first.geometry;
  return (
    <svg className="crosshair" width={width} height={height} aria-hidden="true">
      {drawing.panels.map((placed) => (
        <PanelLine
          key={placed.number}
          {...{ reading, placed, period, highlight, nearest }}
          held={false}
        />
      ))}
    </svg>
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
