import { type KeyboardEvent, useState } from 'react';
import { GridLayout, useContainerWidth } from 'react-grid-layout';
import 'react-grid-layout/css/styles.css';
import { grid, type GridPlace, type PlacedChart } from '../../contract';
import { withoutSlots } from '../../core/labels';
import type { BoardProps } from './boardProps';
import { arrangeByKey, leastSize, type Placed, placesOf, same } from './arrangeByKeys';

/**
 * Where the charts lie while they are arranged. Until the server has every move, what was moved last
 * stands: an answer to an earlier move must not take a later one back.
 */
function useOwnPlaces(charts: readonly PlacedChart[], onArrange: BoardProps['onArrange']) {
  const [own, setOwn] = useState<{ places: Placed[]; moves: number } | null>(null);
  const stored = charts.map(({ id, place }) => ({ chartId: id, place: place as GridPlace }));
  const places = own?.places ?? stored;
  const ended = () =>
    setOwn((now) => (now && now.moves > 1 ? { ...now, moves: now.moves - 1 } : null));
  const arrange = (next: Placed[]) => {
    if (same(next, places)) return;
    setOwn((now) => ({ places: next, moves: (now?.moves ?? 0) + 1 }));
    void onArrange(next).finally(ended);
  };
  return { places, arrange };
}

/** Charts on a grid as they are moved and resized, with the mouse and the keyboard. */
export function ArrangeBoard({ charts, onArrange, children }: BoardProps) {
  const { width, containerRef, mounted } = useContainerWidth();
  const { places, arrange } = useOwnPlaces(charts, onArrange);
  const layout = places.map(({ chartId, place }) => ({
    i: String(chartId),
    ...leastSize,
    ...place,
  }));
  const onKeyDown = (event: KeyboardEvent, chart: PlacedChart) => {
    const next = arrangeByKey(places, chart.id, event.key, event.shiftKey);
    if (!next) return;
    event.preventDefault();
    arrange(next);
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
          onDragStop={(next) => arrange(placesOf(next))}
          onResizeStop={(next) => arrange(placesOf(next))}
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
