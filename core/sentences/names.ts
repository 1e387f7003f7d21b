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
}

/** What there is to be named; left out: nothing of that. */
export type Names = Readonly<Partial<Record<NameOf, readonly Named[]>>>;

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

/** A text between quotes, with those inside it doubled. */
export const quoted = (text: string): string => `"${text.replaceAll('"', '""')}"`;

/** A name as sentences write it. */
export const writeName = (name: string): string => (isPlainName(name) ? name : quoted(name));

/** How something is written that shares its name with others: by its number beside it. */
export function writeNamed(known: readonly Named[], { id, name }: Named): string {
  const alike = known.filter((each) => isSameName(each.name, name));
  return alike.length > 1 ? `${writeName(name)} number ${id}` : writeName(name);
}
