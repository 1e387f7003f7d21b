import type { Reading } from '../../core/reading';
import { type Drawing, plotBottom, toX } from '../picture';
import type { Stretch } from './narrowing';

interface DatesBandProps {
  reading: Reading;
  drawing: Drawing;
  stretch: Stretch;
}

/** A stretch of dates that is picked, from edge to edge of its periods, through all panels. */
export function DatesBand({ reading, drawing, stretch }: DatesBandProps) {
  const [one, two] = [reading.positions[stretch.first], reading.positions[stretch.last]];
  if (!one || !two) return null;
  return drawing.panels.map(({ number, geometry }) => {
    const plot = { from: geometry.left, to: geometry.width - geometry.right };
    const left = Math.max(plot.from, toX(geometry, one.start));
    const right = Math.min(plot.to, toX(geometry, two.next));
    return (
      <div
        key={number}
        className="dates-band"
        aria-hidden="true"
        style={{
          left,
          width: Math.max(2, right - left),
          top: geometry.top,
          height: plotBottom(geometry) - geometry.top,
        }}
      />
    );
  });
}
