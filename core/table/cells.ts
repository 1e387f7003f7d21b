import { isFigure } from '../values';

export type DecimalMark = '.' | ',';

const plain: Record<DecimalMark, RegExp> = { '.': /^-?\d+(\.\d+)?$/, ',': /^-?\d+(,\d+)?$/ };

const written: Record<DecimalMark, RegExp> = {
  '.': /^[+-]?(\d{1,3}([,'\u00a0\u202f ]\d{3})+|\d+)?(\.\d*)?(e[+-]?\d+)?$/i,
  ',': /^[+-]?(\d{1,3}([.'\u00a0\u202f ]\d{3})+|\d+)?(,\d*)?(e[+-]?\d+)?$/i,
};

/**
 * Reads a figure as people write it: with thousands marks, a sign (before, behind, or as
 * parentheses) or a percent sign (which divides by 100).
 * @returns null when the text is no figure
 */
export function readNumber(text: string, decimalMark: DecimalMark): number | null {
  // Nearly all figures are plain ones, which need none of what follows.
  if (plain[decimalMark].test(text)) return figureOrNone(Number(text.replace(',', '.')));
  let rest = text.trim().replace('\u2212', '-');
  const inParentheses = /^\((.+)\)$/.exec(rest);
  if (inParentheses) rest = `-${inParentheses[1]}`;
  const percent = rest.endsWith('%');
  if (percent) rest = rest.slice(0, -1).trim();
  if (/^[^+-].*-$/.test(rest)) rest = `-${rest.slice(0, -1)}`;
  if (!/\d/.test(rest) || !written[decimalMark].test(rest)) return null;
  const digits = rest
    .replace(/['\u00a0\u202f ]/g, '')
    .replace(decimalMark === ',' ? /\./g : /,/g, '');
  const figure = Number(digits.replace(',', '.') + (percent && !/e/i.test(digits) ? 'e-2' : ''));
  return figureOrNone(figure);
}

const figureOrNone = (figure: number) => (isFigure(figure) ? figure : null);

/** Whether a cell counts as blank: nothing, or one of the usual words for nothing. */
export function isBlank(text: string): boolean {
  const first = text.charCodeAt(0);
  const startsWithDigit = first >= 48 && first <= 57;
  return !startsWithDigit && /^\s*(|-|n\/?a|null|#n\/a|nan)\s*$/i.test(text);
}
