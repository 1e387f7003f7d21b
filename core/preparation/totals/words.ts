import { type Cell, cellText } from '../../table';

/** “Total”, “Subtotal North”, “Grand total”, and the like in other languages. */
const begins =
  /^(grand |sub-?|net |overall )?(total|sum|summe|gesamt|gesamtergebnis|gesamtsumme|insgesamt|zwischensumme|somme|totaal|totale|suma|razem|итого)s?(?!\p{L})/iu;

/** “North total”. */
const ends = /\s(total|sum|summe|gesamt|totaal|totale)s?$/iu;

/** Words that say by themselves that all is meant. */
const alone = /^(all|overall|everything|alle|alles|tout|tous|toutes|todos?|tutti|Σ|∑)$/iu;

const mean = /^(average|avg|mean|ø|durchschnitt|mittelwert|moyenne|promedio|media|gemiddelde)\b/iu;

/** Whether a text says that it names a total. */
export function namesTotal(cell: Cell): boolean {
  const text = cellText(cell).trim();
  return begins.test(text) || ends.test(text) || alone.test(text);
}

/** Whether a text says that it names a mean. */
export const namesMean = (cell: Cell): boolean => mean.test(cellText(cell).trim());

/** What sentences stored before words were kept in them leave out by. */
export const beganAsTotal = (cell: Cell): boolean =>
  /^(grand |sub-?)?(total|sum|summe|gesamt|insgesamt|zwischensumme|somme|totaal|totale|suma)s?\b/i.test(
    cellText(cell).trim(),
  );
