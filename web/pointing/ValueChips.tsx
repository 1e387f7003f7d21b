import { partLabels, writeFigure } from '../../core/labels';
import type { Reading, ReadSeries } from '../../core/reading';
import { letteredIn, page } from '../look';
import {
  colourAt,
  geometryOn,
  type Highlight,
  isAway,
  isLit,
  type PlacedPanel,
  plotBottom,
  toX,
  toY,
} from '../picture';

interface ValueChipsProps {
  reading: Reading;
  placed: PlacedPanel;
  period: number;
  /** the series that have a figure there */
  valued: readonly ReadSeries[];
  highlight: Highlight;
  /** at the right of the points, wherever they are: nothing is drawn there yet */
  ahead?: boolean;
}

const height = 17;

/** The value of each series beside its point, moved apart where they would touch. */
export function ValueChips(props: ValueChipsProps) {
  const { reading, placed, period, valued, highlight, ahead = false } = props;
  const { geometry } = placed;
  const middle = reading.positions[period]?.middle ?? 0;
  const x = toX(geometry, middle);
  const { left, right, width, top } = geometry;
  const bottom = plotBottom(geometry);
  const shown = valued.slice(0, Math.max(1, Math.floor((bottom - top) / height)));
  const centres = partLabels(
    shown.map(({ figures, second }) => ({
      wanted: toY(geometryOn(placed, second), figures[period] ?? 0),
      height,
    })),
    { from: top, to: bottom },
  );
  const toLeft = !ahead && x > (left + width - right) / 2;
  return shown.map((series, place) => (
    <span
      key={series.id}
      className={`value-chip${isLit(highlight, series.id) ? ' strong' : ''}`}
      style={{
        top: (centres[place] ?? 0) - height / 2,
        ...(toLeft ? { right: width - x + 8 } : { left: x + 8 }),
        color: !isAway(highlight, series.id) ? letteredIn(colourAt(series, middle)) : page.third,
      }}
    >
      {writeFigure(series.figures[period] ?? 0, series.format)}
    </span>
  ));
}
