import { isFigure } from '../values';

/** A cell as a file gives it: text as written, or a figure where the form of the file knows figures. */
export type Cell = string | number;

export type DecimalMark = '.' | ',';

const plain: Record<DecimalMark, RegExp> = { '.': /^-?\d+(\.\d+)?$/, ',': /^-?\d+(,\d+)?$/ };

const written: Record<DecimalMark, RegExp> = {
  '.': /^[+-]?(\d{1,3}([,'’\u00a0\u202f ]\d{3})+|\d+)?(\.\d*)?(e[+-]?\d+)?$/i,
  ',': /^[+-]?(\d{1,3}([.'’\u00a0\u202f ]\d{3})+|\d+)?(,\d*)?(e[+-]?\d+)?$/i,
};

/** Signs and short names of currencies, before a figure or behind it. */
const currency =
  /^([+-]?)\s*(?:[$€£¥₹₽₩]|(?:CHF|EUR|USD|GBP|JPY|SEK|NOK|DKK|PLN|CZK|kr|zł)\b\.?)\s*|\s*(?:[$€£¥₹₽₩]|\b(?:CHF|EUR|USD|GBP|JPY|SEK|NOK|DKK|PLN|CZK|kr|zł)\.?)$/giu;

/** A longer text is no figure, and no pattern looks at it. */
const longestFigure = 60;

/**
 * Reads a figure as people write it: with thousands marks, a currency, a sign (before, behind, or as
 * parentheses) or a percent sign (which divides by 100).
 * @param text trimmed
 * @returns null when the text is no figure
 */
export function readNumber(text: string, decimalMark: DecimalMark): number | null {
  // Nearly all figures are plain ones, which need none of what follows.
  if (plain[decimalMark].test(text))
    return figureOrNone(Number(decimalMark === ',' ? text.replace(',', '.') : text));
  let rest = text.trim();
  if (rest.length > longestFigure || !/\d/.test(rest)) return null;
  rest = rest.replace(/[\u2212\u2013]/, '-');
  rest = rest.replace(currency, '$1');
  const inParentheses = /^\(([^()-]+)\)$/.exec(rest);
  if (inParentheses) rest = `-${inParentheses[1]?.trim().replace(currency, '$1')}`;
  const percent = rest.endsWith('%');
  if (percent) rest = rest.slice(0, -1).trim();
  if (/^[^+-].*-$/.test(rest)) rest = `-${rest.slice(0, -1).trim()}`;
  rest = rest.replace(/^([+-])\s+/, '$1');
  if (!written[decimalMark].test(rest)) return null;
  const digits = rest
    .replace(/['’\u00a0\u202f ]/g, '')
    .replace(decimalMark === ',' ? /\./g : /,/g, '');
  const figure = Number(digits.replace(',', '.') + (percent && !/e/i.test(digits) ? 'e-2' : ''));
  return figureOrNone(figure);
}

const figureOrNone = (figure: number) => (isFigure(figure) ? figure : null);

/**
 * The figure of a cell on its way to a typed column, whose own mark may not be that of the file: what
 * cannot be read with the one is read with the other.
 * @param decimalMark of the file
 * @returns null for what is no figure
 */
export function cellFigure(cell: Cell, decimalMark: DecimalMark): number | null {
  if (typeof cell === 'number') return cell;
  return readNumber(cell, decimalMark) ?? readNumber(cell, decimalMark === ',' ? '.' : ',');
}

/** The text of a cell. */
export const cellText = (cell: Cell): string => (typeof cell === 'string' ? cell : String(cell));
