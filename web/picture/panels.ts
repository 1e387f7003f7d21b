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
  /** what its row of panels takes of the picture, in pixels from the top */
  row: { from: number; to: number };
  /** what its column of panels takes, in pixels from the left */
  column: { from: number; to: number };
}

/** Room within a panel, between what is drawn and its edges, in pixels. */
export interface Inset {
  left: number;
  right: number;
  top: number;
  bottom: number;
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
  /** within each panel, for what is written beside points at its edges */
  inset: Inset;
}

/** A panel narrower than this shows no course; then they go on in the next row. */
const narrowest = 104;
/** One narrower than this is not drawn. */
const least = 30;
/** Nor does one lower than this show one. */
const lowest = 34;
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
      column: {
        from: column === 0 ? 0 : left - gapAcross / 2,
        to: column === columns - 1 ? room.width : left + across + gapAcross / 2,
      },
      row: { from: titleTop, to: row === rows - 1 ? room.height : top + down + gapDown },
      geometry: {
        width: room.width,
        height: room.height,
        left,
        top,
        right: room.width - left - across,
        bottom: room.height - top - down,
        ...spread(reading.positions[0]?.start ?? 0, reading.positions.at(-1)?.next ?? 1, {
          all: across,
          before: room.inset.left,
          after: room.inset.right,
          as: ['xFrom', 'xTo'],
        }),
        ...spread(panel.axis.from, panel.axis.to, {
          all: down,
          before: room.inset.bottom,
          after: room.inset.top,
          as: ['yFrom', 'yTo'],
        }),
      },
    };
  });
}

/** What an axis spans when some pixels before its beginning and after its end are kept free. */
function spread<From extends string, To extends string>(
  from: number,
  to: number,
  { all, before, after, as }: { all: number; before: number; after: number; as: [From, To] },
): Record<From | To, number> {
  const unit = (to - from) / Math.max(1, all - before - after);
  return { [as[0]]: from - before * unit, [as[1]]: to + after * unit } as Record<From | To, number>;
}

/**
 * The geometry of a panel by the value axis that something stands on.
 * @param axes of the panel, with what it holds
 * @param onSecond whether that is the second axis
 */
export function geometryOn({ geometry, panel }: PlacedAxes, onSecond: boolean): Geometry {
  const { axis, second } = panel;
  if (!onSecond || !second) return geometry;
  // Both axes begin and end at the same heights.
  const unit = (second.to - second.from) / (axis.to - axis.from);
  return {
    ...geometry,
    yFrom: second.from + (geometry.yFrom - axis.from) * unit,
    yTo: second.to + (geometry.yTo - axis.to) * unit,
  };
}

type PlacedAxes = Pick<PlacedPanel, 'geometry'> & { panel: Pick<ReadPanel, 'axis' | 'second'> };

/** Whether panels have value axes of their own: they share one when all are alike. */
export function ownAxes({ panels }: Reading): boolean {
  const [first] = panels;
  const differ = (one: ValueAxis | null, two: ValueAxis | null | undefined) =>
    one?.from !== two?.from || one?.to !== two?.to;
  return panels.some(
    ({ axis, second }) => differ(axis, first?.axis) || differ(second, first?.second),
  );
}

/** In how many columns and rows panels stand: rather narrow than too low to show a course. */
function gridOf(reading: Reading, room: PanelRoom) {
  const { panels, shape } = reading;
  const count = Math.max(1, panels.length);
  const { rows: mostRows, stacked } = mostOf(reading, room);
  if (shape === 'stack' && count <= stacked) return { columns: 1, rows: count };
  const fitting = columnsOf(reading, room, narrowest);
  const square = Math.ceil(Math.sqrt((count * room.width) / (room.height * 1.8)));
  const wanted = shape === 'row' ? count : Math.max(1, square);
  const rows = Math.min(mostRows, Math.ceil(count / Math.min(count, wanted, fitting)));
  const columns = Math.ceil(count / rows);
  return { columns, rows: Math.ceil(count / columns) };
}

const fit = (free: number, each: number) => Math.max(1, Math.floor(free / each));

/** How many panels stand beside each other, none narrower than some pixels. */
function columnsOf(reading: Reading, room: PanelRoom, least: number): number {
  const gap = between.across + (ownAxes(reading) ? room.left + room.second : 0);
  return fit(room.width - room.left - room.right - room.second + gap, least + gap);
}

/** How many rows there is room for, and how many panels over one axis. */
function mostOf({ panels }: Reading, room: PanelRoom) {
  const above = room.title + between.down + Math.max(0, ...room.above) + lowest;
  const free = room.height - room.legend;
  // Over one axis it is said once; beside each other each has its own.
  const stacked = fit(free - room.below, above);
  const rows = panels.length > 1 ? fit(free + between.down, above + room.below) : 1;
  return { rows, stacked };
}

/** How many panels there is room for at all; what is more is not drawn, and said. */
export function panelsWithRoom(reading: Reading, room: PanelRoom): number {
  const { rows, stacked } = mostOf(reading, room);
  return Math.max(columnsOf(reading, room, least) * rows, reading.shape === 'stack' ? stacked : 0);
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
