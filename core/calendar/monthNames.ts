/** Languages whose names of months are read. */
const languages = ['en', 'de', 'fr', 'es', 'it', 'nl', 'pt', 'da', 'sv', 'nb'];

/** Short forms that are written although no language list has them. */
const alsoWritten: [name: string, month: number][] = [
  ['mrz', 3],
  ['maerz', 3],
  ['sept', 9],
];

/** A name without capitals, accents and points, as people type it. */
const plainName = (name: string) =>
  name
    .normalize('NFD')
    .replace(/\p{M}|\./gu, '')
    .toLowerCase();

const months = new Map<string, number>(alsoWritten);

for (const language of languages) {
  for (const style of ['long', 'short'] as const) {
    const write = new Intl.DateTimeFormat(language, { month: style, timeZone: 'UTC' });
    for (let month = 1; month <= 12; month += 1) {
      const name = plainName(write.format(new Date(Date.UTC(2024, month - 1, 15))));
      // The first language that has a name keeps it.
      for (const form of [name, name.length > 3 ? name.slice(0, 3) : name])
        if (!months.has(form) && (form === name || language === 'en')) months.set(form, month);
    }
  }
}

/**
 * The month of a name, short or long, in one of the languages that are read.
 * @param name in any capitals, with or without a full stop
 * @returns 1 to 12; null when it is none
 */
export function monthNamed(name: string): number | null {
  return months.get(plainName(name)) ?? null;
}
