import { isSameName } from '../formula';
import { monthNames, shortMonthNames, shortWeekdayNames, weekdayNames } from '../labels';

/** What of a chart, or of what it is drawn from, a sentence can name. */
export type NameOf = 'series' | 'yardstick' | 'dial' | 'source' | 'column' | 'measure' | 'chart';

/** Something that has a name, and the id by which definitions hold it. */
export interface Named {
  id: string | number;
  name: string;
  /** of a source: the column that dates its rows, unless a sentence names another */
  date?: string;
  /** of a source: its columns, and its measures */
  columns?: readonly Named[];
  measures?: readonly Named[];
  /**
   * what of its like it is: of a dial, what it turns; of a yardstick, whether figures are held against
   * it; of a column, what its cells are
   */
  kind?: string;
}

/** What there is to be named; left out: nothing of that. */
export type Names = Readonly<Partial<Record<NameOf, readonly Named[]>>> & {
  /** names and texts are written without quotes: to be seen, not to be read back */
  readonly bare?: true;
};

const ofCalendar: ReadonlySet<string> = new Set([
  ...monthNames,
  ...shortMonthNames,
  ...weekdayNames,
  ...shortWeekdayNames,
]);

/** One word with a capital: words of sentences have none, and stay told from it whatever is added to them. */
const plainName = /^\p{Lu}[\p{L}\p{N}]*$/u;

/** Whether a name can stand in a sentence without quotes. */
export const isPlainName = (name: string): boolean => plainName.test(name) && !ofCalendar.has(name);

/**
 * A text between quotes, with those inside it doubled.
 * @param names whose style may ask for names without quotes
 */
export const quoted = (text: string, names: Names = {}): string =>
  names.bare ? text : `"${text.replaceAll('"', '""')}"`;

/** A name as sentences write it. */
export const writeName = (name: string, names: Names = {}): string =>
  isPlainName(name) ? name : quoted(name, names);

/**
 * How something is written that shares its name with others: by its number beside it.
 * @param known all that it shares a list with
 */
export function writeNamed(
  known: readonly Named[],
  { id, name }: Named,
  names: Names = {},
): string {
  const alike = known.filter((each) => isSameName(each.name, name));
  const written = writeName(name, names);
  return alike.length > 1 ? `${written} number ${id}` : written;
}
