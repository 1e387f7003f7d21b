import { type Layout, moveElement, verticalCompactor } from 'react-grid-layout/core';
import { grid, type GridPlace } from '../../contract';

/** A chart and where it lies. */
export interface Placed {
  chartId: number;
  place: GridPlace;
}

/** The smallest that a chart can be read at, in cells of the grid. */
export const leastSize = { minW: 3, minH: 4 };

const ways: Record<string, readonly [across: number, down: number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

/**
 * Where all charts lie once one of them was moved by an arrow key; with shift its size changes instead.
 * The others make room and close up. A chart that has others above or below goes past them: what moves
 * it is the shortest way that changes anything.
 * @returns null when the key is none, or the chart can go no further
 */
export function arrangeByKey(
  charts: readonly Placed[],
  chartId: number,
  key: string,
  resize: boolean,
): Placed[] | null {
  const way = ways[key];
  const from = charts.find((chart) => chart.chartId === chartId)?.place;
  if (!way || !from) return null;
  const [across, down] = way;
  const bottom = Math.max(...charts.map(({ place }) => place.y + place.h));
  const furthest = resize || down === 0 ? 1 : bottom;
  for (let step = 1; step <= furthest; step += 1) {
    const to = resize
      ? { ...from, w: from.w + across, h: from.h + down }
      : { ...from, x: from.x + across * step, y: from.y + down * step };
    if (!fits(to)) return null;
    const next = laid(charts, chartId, to);
    if (!same(next, charts)) return next;
  }
  return null;
}

const fits = ({ x, y, w, h }: GridPlace) =>
  x >= 0 && y >= 0 && x + w <= grid.columns && w >= leastSize.minW && h >= leastSize.minH;

/** Lays a chart at a place, the others out of its way. */
function laid(charts: readonly Placed[], chartId: number, to: GridPlace): Placed[] {
  const layout: Layout = charts.map((chart) => ({
    i: String(chart.chartId),
    ...(chart.chartId === chartId ? { ...chart.place, w: to.w, h: to.h } : chart.place),
  }));
  const item = layout.find(({ i }) => i === String(chartId));
  const moved = item
    ? moveElement(layout, item, to.x, to.y, true, false, 'vertical', grid.columns)
    : layout;
  return placesOf(verticalCompactor.compact(moved, grid.columns));
}

/** What the grid tells of its items, as charts and their places. */
export const placesOf = (layout: Layout): Placed[] =>
  layout.map(({ i, x, y, w, h }) => ({ chartId: Number(i), place: { x, y, w, h } }));

/** Whether charts lie where they lay. */
export const same = (one: readonly Placed[], other: readonly Placed[]) =>
  one.every(({ chartId, place }) => {
    const now = other.find((each) => each.chartId === chartId)?.place;
    return now && now.x === place.x && now.y === place.y && now.w === place.w && now.h === place.h;
  });
