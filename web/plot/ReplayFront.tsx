import type { Reading } from '../../core/reading';
import { PanelLine, ValueChips, valuedAt } from '../pointing';
import { type Drawing, type Geometry, type Highlight, plotBottom, toX } from '../picture';

interface ReplayFrontProps {
  reading: Reading;
  drawing: Drawing;
  /** how far the replay has come: a place among the positions, or between two */
  at: number;
  highlight: Highlight;
}

/** Covers what a replay has not come to yet, and shows where it stands. */
export function ReplayFront({ reading, drawing, at, highlight }: ReplayFrontProps) {
  const { positions } = reading;
  const period = Math.floor(at);
  const [here, next] = [positions[period], positions[period + 1]];
  const [first] = drawing.panels;
  if (!here || !first) return null;
  const x = here.middle + (at - period) * ((next?.middle ?? here.middle) - here.middle);
  const { width, height } = first.geometry;
  return (
    <div aria-hidden="true">
      {drawing.panels.map(({ number, geometry }) => {
        const left = toX(geometry, x);
        return (
          <div
            key={number}
            className="replay-cover"
            style={{
              left,
              width: Math.max(0, geometry.width - geometry.right - left),
              ...coveredDown(geometry, drawing.panels.length === 1),
            }}
          />
        );
      })}
      {/* Made anew at each period, so that its points grow as they come. */}
      <svg key={period} className="crosshair replay-points" width={width} height={height}>
        {drawing.panels.map((placed) => (
          <PanelLine
            key={placed.number}
            {...{ reading, placed, period, highlight, nearest: null, held: false }}
          />
        ))}
      </svg>
      {drawing.panels.map((placed) => (
        <ValueChips
          key={placed.number}
          {...{ reading, placed, period, highlight }}
          valued={valuedAt(placed.panel.series, period)}
          ahead
        />
      ))}
    </div>
  );
}

/** What stands over the plot belongs to it too; beside other panels that is their titles. */
function coveredDown(geometry: Geometry, alone: boolean) {
  const top = alone ? 0 : geometry.top;
  return { top, height: plotBottom(geometry) - top };
}
