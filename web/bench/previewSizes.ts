import { grid, type GridPlace } from '../../contract';

/** A size at which a chart will be seen, in pixels of its plot. */
export interface PreviewSize {
  label: string;
  width: number;
  height: number;
}

/** What a sheet has around its plot, in pixels. */
const sheet = { across: 28, down: 62 };

/** How wide the board is on screens of each kind, in pixels. */
const screens = [
  { label: 'laptop', board: 972 },
  { label: 'wall screen', board: 1612 },
];

/** The sizes at which a chart is seen where it is placed; none while it is not. */
export function previewSizes(place: GridPlace | null | undefined): PreviewSize[] {
  if (!place) return [];
  const height = place.h * (grid.rowHeight + grid.gap) - grid.gap - sheet.down;
  const placed = screens.map(({ label, board }) => {
    const column = (board - (grid.columns - 1) * grid.gap) / grid.columns;
    const width = place.w * (column + grid.gap) - grid.gap - sheet.across;
    return { label: `on a ${label}`, width: Math.round(width), height };
  });
  return [...placed, { label: 'on a phone', width: 330, height: 238 }];
}
