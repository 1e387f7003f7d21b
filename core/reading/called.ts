import type { SeriesLine } from '../series';

type Line = Pick<SeriesLine, 'id' | 'name' | 'seriesName' | 'role' | 'definition'>;

/** What may tell lines of one name apart, what people would say first before the rest. */
const tellings: readonly ((line: Line, place: number) => string)[] = [
  ({ seriesName }) => seriesName,
  ({ role }) => role,
  (_, place) => String(place + 1),
];

/**
 * What lines are called where they are spoken of, by their ids: a derived one by what it is derived as,
 * since it is no more what its name says; those of one name by what tells them apart.
 */
export function callLines(lines: readonly Line[]): ReadonlyMap<string, string> {
  const different = [...new Map(lines.map((line) => [line.id, line])).values()];
  const plain = different.map(({ name, definition: { derivedAs: words = '' } }) =>
    words === '' || saysSo(name, words) ? name : `${name} (${words})`,
  );
  return new Map(
    different.map((line, at) => {
      const name = plain[at] as string;
      const alike = different.filter((_, other) => plain[other] === name);
      return [line.id, alike.length > 1 ? tellApart(name, line, alike) : name];
    }),
  );
}

/** A name that its author has given may say already what is derived. */
const saysSo = (name: string, words: string) => name.toLowerCase().includes(words.toLowerCase());

function tellApart(name: string, line: Line, alike: readonly Line[]): string {
  const telling = tellings.find((tell) => new Set(alike.map(tell)).size === alike.length);
  const words = telling?.(line, alike.indexOf(line)) ?? '';
  return words === '' || words === line.name ? name : `${name} (${words})`;
}
