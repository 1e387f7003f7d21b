import { type KeyboardEvent, useMemo } from 'react';
import { GridLayout, useContainerWidth } from 'react-grid-layout';
import 'react-grid-layout/css/styles.css';
import { type PlacedChart, grid, type GridPlace } from '../../contract';
import type { ReactNode } from 'react';
import { movePlace } from './places';

interface BoardProps {
  charts: readonly PlacedChart[];
  arranging: boolean;
  onArrange: (places: { chartId: number; place: GridPlace }[]) => void;
  children: (chart: PlacedChart) => ReactNode;
}

/** Narrower than this, charts stand one under another. */
const stackedBelow = 760;

/** Charts on a grid; while arranging they are moved and resized with the mouse and the keyboard. */
export function Board({ charts, arranging, onArrange, children }: BoardProps) {
  const { width, containerRef, mounted } = useContainerWidth();
  const placed = useMemo(() => charts.filter(({ place }) => place !== null), [charts]);
  const layout = placed.map(({ id, place }) => ({
    i: String(id),
    ...(place as GridPlace),
    minW: 3,
    minH: 4,
  }));
  const stacked = width < stackedBelow;

  const change = (next: readonly { i: string; x: number; y: number; w: number; h: number }[]) => {
    if (!arranging) return;
    const places = next.map(({ i, x, y, w, h }) => ({ chartId: Number(i), place: { x, y, w, h } }));
    const same = places.every(({ chartId, place }) => {
      const now = placed.find(({ id }) => id === chartId)?.place;
      return (
        now && now.x === place.x && now.y === place.y && now.w === place.w && now.h === place.h
      );
    });
    if (!same) onArrange(places);
  };
  const onKeyDown = (event: KeyboardEvent, chart: PlacedChart) => {
    const next = chart.place && movePlace(chart.place, event.key, event.shiftKey);
    if (!next) return;
    event.preventDefault();
    onArrange(
      placed.map(({ id, place }) => ({
        chartId: id,
        place: id === chart.id ? next : (place as GridPlace),
      })),
    );
  };

  return (
    <div ref={containerRef} className={arranging ? 'board arranging' : 'board'}>
      {mounted && stacked && (
        <div className="board-stack">
          {[...placed]
            .sort(
              (a, b) =>
                (a.place?.y ?? 0) - (b.place?.y ?? 0) || (a.place?.x ?? 0) - (b.place?.x ?? 0),
            )
            .map((chart) => (
              <div key={chart.id} className="board-stacked">
                {children(chart)}
              </div>
            ))}
        </div>
      )}
      {mounted && !stacked && (
        <GridLayout
          width={width}
          layout={layout}
          gridConfig={{
            cols: grid.columns,
            rowHeight: grid.rowHeight,
            margin: [grid.gap, grid.gap],
            containerPadding: [0, 0],
          }}
          dragConfig={{ enabled: arranging, handle: '.handle' }}
          resizeConfig={{ enabled: arranging, handles: ['se'] }}
          onLayoutChange={change}
        >
          {placed.map((chart) => (
            <div key={String(chart.id)} className="board-item">
              {arranging && (
                <button
                  type="button"
                  className="handle"
                  aria-label={`Move ${chart.definition.title}: arrow keys move, with shift they resize`}
                  onKeyDown={(event) => onKeyDown(event, chart)}
                >
                  Drag, or use the arrow keys (with shift: resize)
                </button>
              )}
              {children(chart)}
            </div>
          ))}
        </GridLayout>
      )}
    </div>
  );
}
