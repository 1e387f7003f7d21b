/** The grid of a dashboard: how many columns it has, and how high its rows are in pixels. */
export const grid = { columns: 12, rowHeight: 36, gap: 12 };
