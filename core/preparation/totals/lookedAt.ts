import { type Cell, cellFigure, cellText, type DecimalMark, isBlank } from '../../table';
import type { Sheet } from '../step';
import type { Line } from './sums';

/** So many rows tell whether a column holds figures. */
const mostLookedAt = 1000;

/** A table as it is looked at: the columns that hold figures, and those that name the rows. */
export interface LookedAt {
  rows: readonly (readonly Cell[])[];
  columns: readonly string[];
  figures: readonly number[];
  labels: readonly number[];
  lines: readonly Line[];
}

/** Tells the columns of a table apart, and reads its figures. */
export function lookAt({ columns, rows }: Sheet, mark: DecimalMark): LookedAt {
  const places = columns.map((_, place) => place);
  const first = rows.slice(0, mostLookedAt);
  const figures = places.filter((place) => holdsFigures(first, place, mark));
  const labels = places.filter((place) => !figures.includes(place));
  const lines = rows.map((cells) => figures.map((place) => cellFigure(cells[place] ?? '', mark)));
  return { rows, columns, figures, labels, lines };
}

/** Whether a column holds figures: four in five of what stands in it. */
function holdsFigures(rows: readonly (readonly Cell[])[], place: number, mark: DecimalMark) {
  const present = rows
    .map((cells) => cells[place] ?? '')
    .filter((cell) => !isBlank(cellText(cell)));
  const count = present.filter((cell) => cellFigure(cell, mark) !== null).length;
  return count > 0 && count >= 0.8 * present.length;
}
