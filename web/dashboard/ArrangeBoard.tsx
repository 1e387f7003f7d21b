import type { KeyboardEvent } from 'react';
import { GridLayout, useContainerWidth } from 'react-grid-layout';
import 'react-grid-layout/css/styles.css';
import { grid, type GridPlace, type PlacedChart } from '../../contract';
import { withoutSlots } from '../../core/labels';
import type { BoardProps } from './Board';
import { movePlace } from './places';

/** Charts on a grid as they are moved and resized, with the mouse and the keyboard. */
export function ArrangeBoard({ charts, onArrange, children }: BoardProps) {
  const { width, containerRef, mounted } = useContainerWidth();
  const layout = charts.map(({ id, place }) => ({
    ...{ i: String(id), minW: 3, minH: 4 },
    ...(place as GridPlace),
  }));

  const change = (next: readonly { i: string; x: number; y: number; w: number; h: number }[]) => {
    const places = next.map(({ i, x, y, w, h }) => ({ chartId: Number(i), place: { x, y, w, h } }));
    const same = places.every(({ chartId, place }) => {
      const now = charts.find(({ id }) => id === chartId)?.place;
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
      charts.map(({ id, place }) => ({
        chartId: id,
        place: id === chart.id ? next : (place as GridPlace),
      })),
    );
  };

  return (
    <div ref={containerRef} className="arranging">
      <p className="quiet arranging-how">
        Drag a chart by its bar, or give the bar the focus and use the arrow keys; with shift they
        change its size.
      </p>
      {mounted && (
        <GridLayout
          width={width}
          layout={layout}
          gridConfig={{
            cols: grid.columns,
            rowHeight: grid.rowHeight,
            margin: [grid.gap, grid.gap],
            containerPadding: [0, 0],
          }}
          dragConfig={{ enabled: true, handle: '.handle' }}
          resizeConfig={{ enabled: true, handles: ['se'] }}
          onLayoutChange={change}
        >
          {charts.map((chart) => (
            <div key={String(chart.id)} className="board-item">
              <button
                type="button"
                className="handle"
                aria-label={`Move ${withoutSlots(chart.definition.title)}: arrow keys move, with shift they resize`}
                onKeyDown={(event) => onKeyDown(event, chart)}
              />
              {children(chart)}
            </div>
          ))}
        </GridLayout>
      )}
    </div>
  );
}
