import { type DatePattern, type Grain, periodWritten } from '../calendar';
import { type ColumnKind, namesAmounts, namesThings } from '../table';
import type { AxisDefinition } from '../axis';
import type { SeriesDefinition } from '../chart';

/** A source as far as a first chart of it needs to be known. */
export interface DraftSource {
  id: number;
  columns: readonly {
    name: string;
    kind: ColumnKind;
    datePattern?: DatePattern | null;
    /** how many different values it has, and the least and the greatest; left out: nobody knows */
    distinct?: number | null;
    range?: readonly [least: number, most: number] | null;
  }[];
  rows?: number;
}

type DraftColumn = DraftSource['columns'][number];

/** So many days lie between two dates of what is recorded by these, at least. */
const spacings: readonly [grain: Grain, days: number][] = [
  ['year', 360],
  ['quarter', 85],
];

/** The shortest period that a source can be drawn by, where that is longer than a month; else a month. */
export function draftGrain(date: DraftColumn | undefined): Grain {
  const written = date?.datePattern ? periodWritten(date.datePattern) : null;
  if (written === 'year' || written === 'quarter') return written;
  const { distinct = null, range = null } = date ?? {};
  if (distinct === null || range === null || distinct < 3) return 'month';
  const spacing = (range[1] - range[0]) / (distinct - 1);
  return spacings.find(([, days]) => spacing >= days)?.[0] ?? 'month';
}

/**
 * The columns of figures that a chart would draw, those first that are worth it: what names an amount,
 * then what varies; a running number, a key, a year or what never changes comes last.
 */
export function draftMeasures(source: DraftSource): DraftColumn[] {
  const rank = (column: DraftColumn) => {
    if (numbersRows(column, source.rows) || namesThings.test(column.name)) return 3;
    if (column.distinct === 1 || namesPeriods.test(column.name)) return 2;
    // What is planned is held against, and not looked at first.
    if (draftRole(column.name, 'actual') !== 'actual') return 1.5;
    return namesAmounts.test(column.name) ? 0 : 1;
  };
  const numbers = source.columns.filter(({ kind }) => kind === 'number');
  return [...numbers].sort((a, b) => rank(a) - rank(b));
}

/** More different words than these are no axis that can be read. */
const mostWords = 200;

/**
 * What a source without dates can stand along: the words of its first column of few, or the figures
 * that name periods or number its rows.
 * @returns null where it has neither
 */
export function draftAxis(source: DraftSource): AxisDefinition | null {
  const words = source.columns.find(
    ({ kind, distinct }) => kind === 'text' && (distinct ?? 0) <= mostWords,
  );
  if (words) return { kind: 'words', column: words.name, order: [] };
  const numbers = draftMeasures(source);
  const last = numbers.at(-1);
  return last && numbers.length > 1 ? { kind: 'numbers', column: last.name } : null;
}

/** Whether a first chart can be drawn of a source: something of it can stand along an axis. */
export const isDrawable = (source: DraftSource): boolean =>
  source.columns.some(({ kind }) => kind === 'date') || draftAxis(source) !== null;

const namesPeriods = /^(year|month|quarter|week|day|jahr|monat|quartal|woche|tag|année|mois)$/i;

/** A figure for each row that is the one before and one: it numbers them. */
const numbersRows = ({ distinct = null, range = null }: DraftColumn, rows = 0) =>
  distinct !== null &&
  range !== null &&
  rows > 2 &&
  distinct === rows &&
  range[1] - range[0] === rows - 1;

const roles: readonly [role: SeriesDefinition['role'], expression: RegExp][] = [
  ['target', /\b(target|goal|ziel|soll|objectif|objetivo)s?\b/i],
  ['budget', /\b(budget|plan)(ned|s)?\b/i],
  ['forecast', /\b(forecast|prognose|outlook|prévision)s?\b/i],
];

/**
 * What a column stands for by its name.
 * @param name the head of a column
 * @param otherwise the role of one whose name tells nothing
 */
export const draftRole = (
  name: string,
  otherwise: SeriesDefinition['role'],
): SeriesDefinition['role'] =>
  roles.find(([, expression]) => expression.test(name))?.[0] ?? otherwise;

/**
 * How the figures of a column come together: what its head says to be a rate, a price or a level is
 * averaged, all else added up.
 * @param name the head of a column
 */
export const draftAggregate = (name: string): 'sum' | 'mean' =>
  namesRates.test(name) ? 'mean' : 'sum';

const namesRates =
  /%|\b(percent(age)?|rates?|ratings?|share|ratio|price|average|mean|punctuality|on time|per|prozent|quote|anteil|preis|taux|prix)\b/i;

/**
 * Which side of its mark is good for what a column holds: less of what is spent or late, else more.
 * @param name the head of a column
 */
export const draftGoodSide = (name: string): 'atLeast' | 'atMost' =>
  namesBurdens.test(name) ? 'atMost' : 'atLeast';

const namesBurdens =
  /\b(costs?|spen[dt](ing)?|expens\w*|late|delays?|minutes late|complaints?|fuel|kosten|ausgaben|coûts?)\b/i;
