import { type Cell } from './cells';
import { isBlank } from './missing';

/** What speaks for digits being names: of orders, places, accounts. */
export type DigitNames =
  | { kind: 'words'; why: string }
  /** only a person can tell */
  | { kind: 'asked' }
  | { kind: 'figures' };

/** Whole figures above this are not kept to the last digit. */
const mostDigits = 15;

/** Figures of fewer digits than these happen to be of one length too often. */
const leastDigits = 5;

/** Heads of columns that name what their digits stand for: orders, places, accounts. */
export const namesThings =
  /(^|[\s_-])(id|ids|no|nr|number|nummer|numéro|num|code|key|ref|reference|receipt|invoice|order|booking|ticket|account|konto|customer|client|phone|telephone|tel|mobile|zip|postcode|plz|ean|gtin|sku|isbn|iban|serial|batch|article|artikel|beleg|kundennr|vehicle|staff)\b|[a-z]Id$|№|#/i;

/** Heads of columns that name an amount. */
export const namesAmounts =
  /(amount|fare|price|cost|revenue|sales|turnover|budget|target|plan|actual|forecast|total|value|sum|income|profit|margin|tax|fee|spend|balance|passenger|rider|visitor|visit|user|guest|trip|click|view|head|people|population|volume|quantity|qty|count|units?|weight|distance|duration|minute|hour|litre|liter|mile|kwh|km|kg|tonne|betrag|umsatz|preis|kosten|erlös|menge|anzahl|besucher|fahrten|montant|prix|coût|ventes|importe|ventas|figure|measure)|[([%€$£]/i;

/**
 * Tells whether a column of digits holds names that must not be added up.
 * @param name the column's, which may say what it holds
 * @param cells all that were looked at, blanks included; figures of typed files are figures
 */
export function digitNames(name: string, cells: readonly Cell[]): DigitNames {
  const texts = cells.filter((cell): cell is string => typeof cell === 'string' && !isBlank(cell));
  const present = cells.filter((cell) => typeof cell === 'number' || !isBlank(cell));
  if (texts.length === 0 || texts.length < present.length) return { kind: 'figures' };
  const written = texts.map((text) => text.trim());
  if (!written.every((text) => /^\d+$/.test(text))) return { kind: 'figures' };
  if (written.some((text) => /^0\d/.test(text)))
    return { kind: 'words', why: 'they begin with zeros' };
  if (written.some((text) => text.length > mostDigits))
    return { kind: 'words', why: 'they have more digits than figures can keep' };
  const { length } = written[0] as string;
  const alike = length >= leastDigits && written.every((text) => text.length === length);
  if (!alike || written.length < 2 || new Set(written).size < written.length)
    return { kind: 'figures' };
  if (namesThings.test(name))
    return { kind: 'words', why: 'each stands once, and all are as long' };
  return namesAmounts.test(name) ? { kind: 'figures' } : { kind: 'asked' };
}
