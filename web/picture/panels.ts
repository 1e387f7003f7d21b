import { axisFormat, axisValues, type ValueAxis, writeFigure } from '../../core/labels';
import type { Reading, ReadPanel } from '../../core/reading';
import type { Geometry, Measure, ScaleSize } from './geometry';

/** Where one panel lies in the picture. */
export interface PlacedPanel {
  panel: ReadPanel;
  geometry: Geometry;
  /** the place of its own axes in the picture, from 1 */
  number: number;
  /** it stands at the left end of its row: it has the values, unless each panel has its own */
  valued: boolean;
  /** nothing stands below it: it has the tape */
  taped: boolean;
  /** it stands at the right end of its row: names stand beside it */
  named: boolean;
  /** something stands at its left, from which a hairline parts it */
  parted: boolean;
  /** it stands where the second value axis is drawn */
  secondValued: boolean;
  /** where its title stands, in pixels from the top */
  titleTop: number;
}

/** What has to fit around and between the panels, in pixels. */
export interface PanelRoom {
  width: number;
  height: number;
  left: number;
  right: number;
  /** by panel: for what flies above it, and for labels of its highest points */
  above: readonly number[];
  below: number;
  title: number;
  /** above all panels, for the legend */
  legend: number;
  /** between a plot and its names, for a second value axis */
  second: number;
}

/** A panel narrower than this shows no course; then they go on in the next row. */
const narrowest = 104;
const between = { across: 18, down: 12 };

/** Lays the panels of a reading out beside and below each other. */
export function placePanels(reading: Reading, room: PanelRoom): PlacedPanel[] {
  const { panels } = reading;
  const { columns, rows } = gridOf(reading, room);
  const own = ownAxes(reading);
  const gapAcross = own ? between.across + room.left + room.second : between.across;
  const atRight = room.right + room.second;
  const across = (room.width - room.left - atRight - (columns - 1) * gapAcross) / columns;
  const gapDown = between.down + (columns > 1 ? room.below : 0);
  const aboves = Array.from({ length: rows }, (_, row) =>
    Math.max(0, ...room.above.slice(row * columns, (row + 1) * columns)),
  );
  const aboveAll = aboves.reduce((sum, above) => sum + above + room.title, 0);
  const down = (room.height - room.legend - room.below - aboveAll - (rows - 1) * gapDown) / rows;
  return panels.map((panel, at) => {
    const [column, row] = [at % columns, Math.floor(at / columns)];
    const left = room.left + column * (across + gapAcross);
    const before = aboves.slice(0, row).reduce((sum, above) => sum + above + room.title, 0);
    const titleTop = room.legend + before + row * (down + gapDown);
    const top = titleTop + room.title + (aboves[row] ?? 0);
    return {
      panel,
      number: at + 1,
      valued: own || column === 0,
      secondValued:
        panel.second !== null && (own || column === columns - 1 || at === panels.length - 1),
      taped: row === rows - 1 || columns > 1,
      named: column === columns - 1 || at === panels.length - 1,
      parted: column > 0,
      titleTop,
      geometry: {
        width: room.width,
        height: room.height,
        left,
        top,
        right: room.width - left - across,
        bottom: room.height - top - down,
        xFrom: reading.positions[0]?.start ?? 0,
        xTo: reading.positions.at(-1)?.next ?? 1,
        yFrom: panel.axis.from,
        yTo: panel.axis.to,
      },
    };
  });
}

/**
 * The geometry of a panel by the value axis that something stands on.
 * @param axes of the panel, with what it holds
 * @param onSecond whether that is the second axis
 */
export function geometryOn({ geometry, panel }: PlacedAxes, onSecond: boolean): Geometry {
  const { second } = panel;
  return onSecond && second ? { ...geometry, yFrom: second.from, yTo: second.to } : geometry;
}

type PlacedAxes = Pick<PlacedPanel, 'geometry'> & { panel: Pick<ReadPanel, 'second'> };

/** Whether panels have value axes of their own: they share one when all are alike. */
export function ownAxes({ panels }: Reading): boolean {
  const [first] = panels;
  const differ = (one: ValueAxis | null, two: ValueAxis | null | undefined) =>
    one?.from !== two?.from || one?.to !== two?.to;
  return panels.some(
    ({ axis, second }) => differ(axis, first?.axis) || differ(second, first?.second),
  );
}

function gridOf({ panels, shape }: Reading, room: PanelRoom) {
  const count = Math.max(1, panels.length);
  if (shape === 'stack') return { columns: 1, rows: count };
  const fitting = Math.max(
    1,
    Math.floor((room.width - room.left - room.right) / (narrowest + between.across)),
  );
  const square = Math.ceil(Math.sqrt((count * room.width) / (room.height * 1.8)));
  const wanted = shape === 'row' ? count : Math.max(1, square);
  const rows = Math.ceil(count / Math.min(count, wanted, fitting));
  return { columns: Math.ceil(count / rows), rows };
}

/** How wide a title is that is written along an axis, in pixels. */
export const titleWidth = 18;

/** Room beside a panel for the values of an axis, its staff and its title, in pixels. */
export function roomForValues(
  reading: Reading,
  which: 'first' | 'second',
  { staff, gap }: ScaleSize,
  measure: Measure,
  fontSize: number,
): number {
  const { shown, titles } = reading.look;
  const format = which === 'first' ? reading.format : reading.secondFormat;
  const axes = reading.panels.flatMap(({ axis, second }) => {
    const own = which === 'first' ? axis : second;
    return own ? [own] : [];
  });
  if (axes.length === 0) return 0;
  const texts = axes.flatMap((axis) =>
    axisValues(axis).map((value) => writeFigure(value, axisFormat(axis, format))),
  );
  const widest = Math.ceil(Math.max(0, ...texts.map((text) => measure(text, fontSize, 400))));
  return (
    (shown.values ? widest + 8 : 4) +
    (shown.scales ? staff + gap : 0) +
    (titles[which] === '' ? 0 : titleWidth)
  );
}
