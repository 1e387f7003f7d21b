import { civilDate } from '../calendar';
import {
  dateColumn,
  type DateColumn,
  missingDay,
  type NumberColumn,
  ownOrder,
  type Table,
  type TextColumn,
} from '../table';
import { ProblemError } from '../values';

/** A column whose figures or words, or the years of whose dates, stand along a chart's axis in place of periods. */
export interface AxisColumn {
  column: string;
  of: 'numbers' | 'words';
  /** words stand by the least that another column has beside each; missing: as the file has them */
  by?: { column: string; first: 'lowest' | 'highest' };
}

/** What one position along a column is: a figure or a word of it. */
export type Place = number | string;

/** More different places than these cannot be told apart on any screen. */
const mostPlaces = 4000;

/** Places in their order, each once: figures by size, words in the order that they have by themselves, else as they come. */
export function orderPlaces(places: Iterable<Place>): Place[] {
  const distinct = [...new Set(places)];
  const words = distinct.filter((place) => typeof place === 'string');
  const numbers = distinct.filter((place) => typeof place === 'number');
  return [...numbers.sort((a, b) => a - b), ...(ownOrder(words) ?? words)];
}

/**
 * Checks that a column has no more different places than an axis can hold.
 * @param count how many different ones there are
 * @throws ProblemError
 */
export function checkPlaces({ column }: AxisColumn, count: number) {
  if (count <= mostPlaces) return;
  throw new ProblemError({
    code: 'along-too-fine',
    sentence: `“${column}” has more than ${mostPlaces} different values, too many to stand along an axis. Choose a coarser column.`,
    place: { column },
  });
}

/**
 * Lays the rows of a table along a column: numbered from 0 like days, so that all that groups by dates
 * groups by it. Rows without a value stand nowhere, like rows without a date.
 * @param keeps whether a row is counted
 * @throws ProblemError when the column has too many different values
 */
export function layPlaces(
  table: Table,
  axisColumn: AxisColumn,
  keeps: (row: number) => boolean,
): { dates: DateColumn; places: Place[] } {
  const at = placeOfRow(table, axisColumn);
  const found = new Set<Place>();
  for (let row = 0; row < table.rows; row += 1) {
    const place = keeps(row) ? at(row) : null;
    if (place !== null) found.add(place);
  }
  checkPlaces(axisColumn, found.size);
  const natural = [...inFileOrder(table, axisColumn, found)];
  const places = axisColumn.by
    ? placesBy(natural, leastBeside(table, at, axisColumn.by.column), axisColumn.by.first)
    : orderPlaces(natural);
  const numbers = new Map(places.map((place, number) => [place, number]));
  const days = Int32Array.from({ length: table.rows }, (_, row) => {
    const place = keeps(row) ? at(row) : null;
    return place === null ? missingDay : (numbers.get(place) as number);
  });
  return { dates: dateColumn(axisColumn.column, days), places };
}

/**
 * Places by what stands beside them; those beside which nothing does come last, equal ones as they come.
 * @param beside by place: a figure, a day, or the place of a word in its column
 */
export function placesBy(
  places: readonly Place[],
  beside: ReadonlyMap<Place, number>,
  first: 'lowest' | 'highest',
): Place[] {
  const way = first === 'lowest' ? 1 : -1;
  const size = (place: Place) => way * (beside.get(place) ?? way * Infinity);
  // Of two that are infinitely far the difference is no number.
  return [...places].sort((a, b) => (size(a) === size(b) ? 0 : size(a) - size(b)));
}

/** The least that a column has beside each place, whichever rows are kept. */
function leastBeside(
  table: Table,
  at: (row: number) => Place | null,
  name: string,
): ReadonlyMap<Place, number> {
  const column = table.columns.find((each) => each.name === name);
  const least = new Map<Place, number>();
  if (!column) return least;
  const value = {
    number: (row: number) => (column as NumberColumn).values[row] as number,
    date: (row: number) => {
      const day = (column as DateColumn).days[row] as number;
      return day === missingDay ? NaN : day;
    },
    text: (row: number) => {
      const code = (column as TextColumn).codes[row] as number;
      return code < 0 ? NaN : code;
    },
  }[column.kind];
  for (let row = 0; row < table.rows; row += 1) {
    const place = at(row);
    const own = value(row);
    if (place !== null && !Number.isNaN(own))
      least.set(place, Math.min(own, least.get(place) ?? own));
  }
  return least;
}

/** Words in the order in which they first stand in the file, whichever rows of it are kept. */
function inFileOrder(table: Table, { column: name }: AxisColumn, found: ReadonlySet<Place>) {
  const column = table.columns.find((each) => each.name === name);
  return column?.kind === 'text' ? column.words.filter((word) => found.has(word)) : found;
}

function placeOfRow(table: Table, { column: name, of }: AxisColumn): (row: number) => Place | null {
  const column = table.columns.find((each) => each.name === name);
  if (column?.kind === 'number' && of === 'numbers')
    return (row) => {
      const figure = column.values[row] as number;
      return Number.isNaN(figure) ? null : figure;
    };
  if (column?.kind === 'date' && of === 'numbers')
    return (row) => {
      const day = column.days[row] as number;
      return day === missingDay ? null : civilDate(day).year;
    };
  if (column?.kind === 'text' && of === 'words')
    return (row) => column.words[column.codes[row] as number] || null;
  throw new ProblemError({
    code: 'column-unusable',
    sentence: column
      ? `The column “${name}” does not hold ${of === 'words' ? 'words' : 'figures'}. Choose another column for the axis.`
      : `The source has no column “${name}”, along which the chart stands. Leave this series out, or choose another axis.`,
    place: { column: name },
  });
}
