import type { Annotations, Shape } from 'plotly.js';
import type { Note } from '../../contract';
import { parseDay } from '../../core/calendar';
import { anchorOf, placeNote } from '../../core/notes';
import type { Reading, ReadPanel } from '../../core/reading';
import { page, shades } from '../look';
import { type Geometry, toX } from './geometry';
import type { PlacedPanel } from './panels';
import { axisOf, plainText } from './scales';
import type { Box } from './standouts';

/** What stands in the rows above the plot: pennants, and the words at date lines and stretches. */
export interface Flown {
  kind: 'note' | 'date' | 'stretch';
  /** the day it stands on, or the middle of the stretch it names */
  day: number;
  /** what is written: the number of a note, the name of a date */
  text: string;
  /** rows above the plot, 0 being the lowest */
  level: number;
  /** it flies to the left, since there is no room at the right */
  turned: boolean;
  note?: Note;
}

export const flownRow = 18;
const pennantWidth = 24;
/** Longer names are cut: they stand in one row above the plot. */
const longestWord = 22;
const cut = (text: string) =>
  text.length > longestWord ? `${text.slice(0, longestWord - 1)}…` : text;

/** About how wide a word is written there, in pixels. */
const wordWidth = (text: string) => text.length * 6.6 + 4;
const widthOf = ({ kind, text }: Pick<Flown, 'kind' | 'text'>) =>
  kind === 'note' ? pennantWidth : wordWidth(text);

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

/** The days that have something above the plot, those not shown left out. */
function standing(
  { axis, positions }: Reading,
  { yardsticks }: ReadPanel,
  notes: readonly Note[],
): Omit<Flown, 'level' | 'turned'>[] {
  if (axis !== 'calendar') return [];
  const first = positions[0]?.start ?? 0;
  const next = positions.at(-1)?.next ?? 0;
  const dates = yardsticks.flatMap(({ kind, label, days, names, stretches }) => [
    // Dates that come again and again are named in the list alone.
    ...days.map((day, at) => ({
      ...{ kind: 'date' as const, day: day + 0.5 },
      text: kind === 'recurring' ? '' : cut(names?.[at] ?? label),
    })),
    ...stretches.map(({ from, to }) => ({
      ...{ kind: 'stretch' as const, day: (from + to) / 2, text: cut(label) },
    })),
  ]);
  const flown = notes.flatMap((note) => {
    const { day } = anchorOf(note);
    const last = note.until === null ? day : parseDay(note.until);
    if (day === null || last === null || last < first || day >= next) return [];
    // One that has begun before what is looked at flies where that begins.
    const at = Math.max(day, first) + 0.5;
    return [{ kind: 'note' as const, day: at, text: String(note.number), note }];
  });
  return [...dates, ...flown.sort((a, b) => a.day - b.day)];
}

/**
 * Gives each its row, so that none covers another.
 * @param worded the words at date lines stand here
 */
export function flyPennants(
  reading: Reading,
  { panel, geometry: across }: PlacedPanel,
  notes: readonly Note[],
  worded: boolean,
): Flown[] {
  const taken: { from: number; to: number; level: number }[] = [];
  return standing(reading, panel, notes).map((each) => {
    const x = toX(across, each.day);
    // In every panel stands the line; the word is said once.
    if (each.kind !== 'note' && !worded) return { ...each, level: -1, turned: false };
    const turned = each.kind === 'note' && x + pennantWidth > across.width - across.right;
    const width = widthOf(each);
    const from = each.kind !== 'note' ? x - width / 2 : turned ? x - width : x;
    const to = from + width;
    const meeting = taken.filter((other) => from < other.to + 2 && other.from < to + 2);
    const level = [0, 1, 2, 3, 4].find((row) => meeting.every((other) => other.level !== row)) ?? 4;
    taken.push({ from, to, level });
    return { ...each, level, turned };
  });
}

/** What the pennants, the words and their stems cover. */
export function flownBoxes(flown: readonly Flown[], geometry: Geometry): Box[] {
  return flown.flatMap(({ kind, day, text, level, turned }) => {
    const x = toX(geometry, day);
    const bottom = geometry.top - level * flownRow;
    const width = widthOf({ kind, text });
    const left = kind !== 'note' ? x - width / 2 : turned ? x - width : x;
    const word = { left, right: left + width, top: bottom - flownRow, bottom };
    const stem = {
      left: x - 1,
      right: x + 1,
      top: bottom,
      bottom: geometry.height - geometry.bottom,
    };
    return [word, stem];
  });
}

/** The stems down into the plot, and the pennants above it. */
export function pennantShapes(
  reading: Reading,
  placed: PlacedPanel & { flown: Flown[] },
): Partial<Shape>[] {
  const { axis } = placed.panel;
  const { x, y, yDomain } = axisOf(placed);
  return placed.flown.flatMap(({ kind, day, text, level, turned, note }) => {
    if (kind === 'stretch') return [];
    // A date that comes again and again is a hairline.
    const once = kind === 'date' && text !== '';
    const line = { color: once ? page.ink : page.third, width: once ? 1.4 : 0.8 };
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
      line: { color: page.ink, width },
    });
    const foot = kind === 'date' || !note ? axis.from : footOf(note, reading, placed.panel);
    const stem = {
      type: 'line',
      xref: x,
      yref: y,
      x0: day,
      x1: day,
      y0: foot,
      y1: axis.to,
      line,
    } as const;
    const base = level * flownRow;
    if (level < 0 || text === '') return [stem];
    if (kind === 'date' || !note) return [stem, above(`M0,0L0,${base + 2}`, 'rgba(0,0,0,0)', 1.4)];
    const until = note.until === null ? null : parseDay(note.until);
    // What a note speaks of for longer is underlined along the top of the plot.
    const stretch: Partial<Shape>[] =
      until === null
        ? []
        : [
            {
              type: 'rect',
              ...{ xref: x, x0: day - 0.5, x1: until + 1 },
              ...{ yref: yDomain, ysizemode: 'pixel', yanchor: 1, y0: -1.5, y1: 1.5 },
              ...{ fillcolor: shades[note.colour], line: { width: 0 } },
            },
          ];
    const side = turned ? -1 : 1;
    const reach = (along: number) => along * side;
    const flag = `M0,${base + 3}L${reach(23)},${base + 3}L${reach(19)},${base + 9}L${reach(23)},${base + 15}L0,${base + 15}Z`;
    return [
      stem,
      ...stretch,
      above(`M0,0L0,${base + 16}`, 'rgba(0,0,0,0)', 1.2),
      above(flag, shades[note.colour], 0),
    ];
  });
}

/** A note that speaks of a series stands on its figure, if there is one. */
function footOf(note: Note, { positions }: Reading, { series, axis }: ReadPanel): number {
  return placeNote(anchorOf(note), series, positions).figure ?? axis.from;
}

/** The numbers in the pennants, and the words over date lines and stretches. */
export function pennantAnnotations(
  placed: PlacedPanel & { flown: Flown[] },
  fontSize: number,
): Partial<Annotations>[] {
  const { x, yDomain } = axisOf(placed);
  const shown = placed.flown.filter(({ level }) => level >= 0);
  return shown.map(({ kind, day, text, level, turned }) => ({
    xref: x,
    yref: yDomain,
    x: day,
    y: 1,
    xshift: kind !== 'note' ? 0 : turned ? -10 : 10,
    yshift: level * flownRow + (kind !== 'note' ? 10 : 9),
    yanchor: 'middle',
    xanchor: 'center',
    showarrow: false,
    text: `<b>${plainText(text)}</b>`,
    font: { size: kind !== 'note' ? fontSize : 10.5, color: kind !== 'note' ? page.ink : '#fff' },
  }));
}
