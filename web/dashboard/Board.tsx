import { lazy, Suspense, useMemo } from 'react';
import type { GridPlace } from '../../contract';
import type { BoardProps } from './boardProps';
import { byReading } from './places';

/** Loaded when charts are moved. */
const ArrangeBoard = lazy(() =>
  import('./ArrangeBoard').then(({ ArrangeBoard: board }) => ({ default: board })),
);

/** Charts on a grid; on narrow screens they stand one under another, in the order they are read. */
export function Board({ arranging, ...board }: BoardProps & { arranging: boolean }) {
  if (!arranging) return <StillBoard {...board} />;
  return (
    <Suspense fallback={<StillBoard {...board} />}>
      <ArrangeBoard {...board} />
    </Suspense>
  );
}

function StillBoard({ charts, children }: BoardProps) {
  const ordered = useMemo(() => byReading(charts), [charts]);
  return (
    <div className="board">
      {ordered.map((chart) => (
        <div
          key={chart.id}
          className="board-item"
          style={gridArea(chart.place as GridPlace, ordered.length === 1)}
        >
          {children(chart)}
        </div>
      ))}
    </div>
  );
}

/** Of a chart that stands alone, in rows. */
const aloneHeight = 11;

/** A chart that stands alone has all the width, and a height that goes with it. */
const gridArea = ({ x, y, w, h }: GridPlace, alone: boolean) => ({
  gridColumn: alone ? '1 / -1' : `${x + 1} / span ${w}`,
  gridRow: `${y + 1} / span ${alone ? Math.max(h, aloneHeight) : h}`,
});
