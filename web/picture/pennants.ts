import type { Dash, Shape } from 'plotly.js';
import type { Note } from '../../contract';
import { parseDay } from '../../core/calendar';
import { anchorOf, placeNote } from '../../core/notes';
import type { Reading, ReadPanel, ReadYardstick } from '../../core/reading';
import { page, letteredIn } from '../look';
import { toX } from './geometry';
import { inkOf, isBehind } from './dateLines';
import { dashes } from './dashes';
import type { PlacedPanel } from './panels';
import { axisOf } from './scales';

export type Look = ReadYardstick['look'];

/** What stands in the rows above the plot: pennants, and the words at date lines and stretches. */
export interface Flown {
  kind: 'note' | 'date' | 'stretch';
  /** the day it stands on, or the middle of the stretch it names */
  day: number;
  /** what is written: the number of a note, the name of a date */
  text: string;
  /** how wide that is, in pixels */
  width: number;
  /** rows above the plot, 0 being the lowest; below 0: nothing is written there */
  level: number;
  /** it flies to the left, since there is no room at the right */
  turned: boolean;
  /** it stands beside its stem rather than over it: many dates are near each other */
  aside: boolean;
  note?: Note;
  /** how the line of a date, or a stretch, is drawn; missing for a note */
  look?: Look;
}

export const flownRow = 18;
const pennantWidth = 24;

/** The notes that fly over a panel: those of its lines, and over the first one those of none. */
export function notesOfPanel(
  notes: readonly Note[],
  { panels }: Reading,
  panel: ReadPanel,
): readonly Note[] {
  if (panels.length === 1) return notes;
  const home = (note: Note) =>
    panels.find(({ series }) => series.some(({ id }) => id === note.series)) ?? panels[0];
  return notes.filter((note) => home(note) === panel);
}

type Standing = Omit<Flown, 'level' | 'turned' | 'width'>;

/** The days that have something above the plot, those not shown left out. */
function standing(
  { axis, positions }: Reading,
  { yardsticks }: ReadPanel,
  notes: readonly Note[],
): Standing[] {
  const first = positions[0]?.start ?? 0;
  const next = positions.at(-1)?.next ?? 0;
  const dates = yardsticks.flatMap(({ label, look, days, names, stretches }) => [
    ...days.map((day, at) => ({
      kind: 'date' as const,
      day: day + 0.5,
      aside: names !== undefined,
      text: label === '' ? '' : (names?.[at] ?? label),
      look,
    })),
    ...stretches.map(({ from, to }) => ({
      kind: 'stretch' as const,
      day: (from + to) / 2,
      text: label,
      aside: false,
      look,
    })),
  ]);
  // Notes stand on dates alone.
  const flown = (axis === 'calendar' ? notes : []).flatMap((note) => {
    const { day } = anchorOf(note);
    const last = note.until === null ? day : parseDay(note.until);
    if (day === null || last === null || last < first || day >= next) return [];
    // One that has begun before what is looked at flies where that begins.
    const at = Math.max(day, first) + 0.5;
    return [{ kind: 'note' as const, day: at, text: String(note.number), aside: true, note }];
  });
  // Words beside their stems: the later stand lower, so that no stem leads through a word.
  const order = (each: Standing) => (each.aside ? -each.day : 0);
  return [
    ...dates.sort((a, b) => Number(a.aside) - Number(b.aside) || order(a) - order(b)),
    ...flown.sort((a, b) => a.day - b.day),
  ];
}

/** In how many rows words and pennants stand at most, and how much of the height those may take. */
const most = { rows: 5, share: 0.3 };

/** What something above the plot takes up: its word from here to there, and its stem. */
interface Taken {
  from: number;
  to: number;
  stem: number;
  level: number;
}

/** Whether a word in a row would meet another one, or the stem of the one lead through the other. */
const meets = (one: Taken, other: Taken): boolean => {
  const apart = one.from >= other.to + 2 || other.from >= one.to + 2;
  if (one.level === other.level) return !apart;
  const [lower, higher] = one.level < other.level ? [one, other] : [other, one];
  return higher.stem > lower.from && higher.stem < lower.to;
};

/** What flies over a panel, beside its notes. */
interface Flying {
  notes: readonly Note[];
  /** the words at date lines stand here */
  worded: boolean;
  /** how wide a word is written there, in pixels */
  wide: (text: string) => number;
}

/**
 * Gives each its row, so that none covers another. A word that finds none is left out; a note is flown
 * all the same, since it is pressed to be read.
 */
export function flyPennants(
  reading: Reading,
  { panel, geometry: across, column, row }: PlacedPanel,
  { notes, worded, wide }: Flying,
): { flown: Flown[]; leftOut: number } {
  const taken: Taken[] = [];
  let leftOut = 0;
  const fitting = Math.floor((most.share * (row.to - row.from)) / flownRow);
  const rows = Array.from({ length: Math.max(1, Math.min(most.rows, fitting)) }, (_, at) => at);
  const flown = standing(reading, panel, notes).map((one): Flown => {
    const stem = toX(across, one.day);
    const each = { ...one, width: one.kind === 'note' ? pennantWidth : wide(one.text) + 4 };
    // In every panel stands the line; the word is said once, unless it is to be in each.
    const at = each.look?.label.at;
    if (at === 'inside' || each.text === '' || (at !== undefined && at !== 'each' && !worded))
      return { ...each, level: -1, turned: false };
    const turned =
      each.aside && stem + each.width > Math.min(column.to, across.width - across.right);
    const { left: from, right: to } = wordAt(stem, { ...each, turned }, column);
    const level = rows.find((at) =>
      taken.every((other) => !meets({ from, to, stem, level: at }, other)),
    );
    if (each.kind !== 'note' && (level === undefined || from < column.from || to > column.to)) {
      leftOut += 1;
      return { ...each, text: '', level: -1, turned };
    }
    // Where there is no row without any meeting, pennants at least do not cover each other.
    const free = rows.find((at) =>
      taken.every((other) => other.level !== at || !meets({ from, to, stem, level: at }, other)),
    );
    const found = { from, to, stem, level: level ?? free ?? rows.length - 1 };
    taken.push(found);
    return { ...each, level: found.level, turned };
  });
  return { flown, leftOut };
}

/** How far a word reaches from its stem; one over its stem keeps within its column of panels. */
export function wordAt(
  stem: number,
  flown: Pick<Flown, 'width' | 'aside' | 'turned'>,
  column: PlacedPanel['column'],
) {
  const { width } = flown;
  const over = Math.max(column.from, Math.min(column.to - width, stem - width / 2));
  const left = !flown.aside ? over : flown.turned ? stem - width : stem;
  return { left, right: left + width };
}

/** The stems down into the plot, and the pennants above it. */
export function pennantShapes(
  reading: Reading,
  placed: PlacedPanel & { flown: Flown[] },
): Partial<Shape>[] {
  const { yFrom, yTo } = placed.geometry;
  const { x, y, yDomain } = axisOf(placed);
  return placed.flown.flatMap(({ kind, day, text, level, turned, note, look }) => {
    if (kind === 'stretch') return [];
    const line = look
      ? { color: inkOf(look), width: look.width, dash: dashes[look.dash] as Dash }
      : { color: page.third, width: 0.8 };
    const above = (path: string, fillcolor: string, width: number): Partial<Shape> => ({
      type: 'path',
      path,
      xref: x,
      xsizemode: 'pixel',
      xanchor: day,
      yref: yDomain,
      ysizemode: 'pixel',
      yanchor: 1,
      fillcolor,
      line: { color: look ? inkOf(look) : page.ink, width },
    });
    const foot = kind === 'date' || !note ? yFrom : footOf(note, reading, placed.panel);
    const inFront = {
      type: 'line',
      xref: x,
      yref: y,
      x0: day,
      x1: day,
      y0: foot,
      y1: yTo,
      line,
    } as const;
    const stem = isBehind(look) ? [] : [inFront];
    const base = level * flownRow;
    if (level < 0 || text === '') return stem;
    if (kind === 'date' || !note)
      return [...stem, above(`M0,0L0,${base + 2}`, 'rgba(0,0,0,0)', look?.width ?? 0.8)];
    const until = note.until === null ? null : parseDay(note.until);
    // What a note speaks of for longer is underlined along the top of the plot.
    const stretch: Partial<Shape>[] =
      until === null
        ? []
        : [
            {
              type: 'rect',
              xref: x,
              x0: day - 0.5,
              x1: until + 1,
              yref: yDomain,
              ysizemode: 'pixel',
              yanchor: 1,
              y0: -1.5,
              y1: 1.5,
              fillcolor: letteredIn(note.colour),
              line: { width: 0 },
            },
          ];
    const side = turned ? -1 : 1;
    const reach = (along: number) => along * side;
    const flag = `M0,${base + 3}L${reach(23)},${base + 3}L${reach(19)},${base + 9}L${reach(23)},${base + 15}L0,${base + 15}Z`;
    return [
      ...stem,
      ...stretch,
      above(`M0,0L0,${base + 16}`, 'rgba(0,0,0,0)', 1.2),
      above(flag, letteredIn(note.colour), 0),
    ];
  });
}

/** A note that speaks of a series stands on its figure, if there is one. */
function footOf(note: Note, { positions }: Reading, { series, axis }: ReadPanel): number {
  return placeNote(anchorOf(note), series, positions).figure ?? axis.from;
}
