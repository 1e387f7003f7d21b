import Big from 'big.js';
import type { Figures } from '../values';
import { type NumberMarks, numberMarks, type NumberStyle, plainNumbers } from './numberStyle';

/** How the figures of one axis are written: divided, with a suffix and a number of decimals. */
export interface FigureFormat {
  divisor: number;
  suffix: string;
  decimals: number;
  /** commas and points, and no unit, unless told otherwise */
  style?: Pick<NumberStyle, 'marks' | 'unit' | 'unitAt'>;
}

const units = [
  { divisor: 1e9, suffix: 'bn' },
  { divisor: 1e6, suffix: 'm' },
  { divisor: 1e3, suffix: 'k' },
  { divisor: 1, suffix: '' },
];

/** The words that say what a suffix stands for, for a line such as "by month, in millions". */
export const suffixWords: Record<string, string> = {
  bn: 'in billions',
  m: 'in millions',
  k: 'in thousands',
  '': '',
};

/**
 * Chooses how figures are written so that about three digits are seen, where their author has not.
 * @param largest the largest figure by size
 * @param whole all figures are whole numbers, which get no decimals when undivided
 */
export function figureFormat(
  largest: number,
  whole: boolean,
  { short, decimals, ...style }: NumberStyle = plainNumbers,
): FigureFormat {
  const size = Math.abs(largest);
  const unit = units.find(({ divisor }) => size >= divisor * (divisor === 1e3 ? 10 : 1));
  const { divisor, suffix } = (short && unit) || { divisor: 1, suffix: '' };
  const shown = size / divisor;
  const suited = divisor === 1 && whole ? 0 : shown >= 1000 ? 0 : shown >= 10 ? 1 : 2;
  return { divisor, suffix, decimals: decimals ?? suited, style };
}

const minus = '\u2212';

/**
 * Writes a figure by a chart's format; one so small beside the others that nothing would be left of
 * it, by a format of its own: only a true zero reads as zero.
 * @param figure undivided: the format divides it
 */
export function writeFigure(figure: number, format: FigureFormat): string {
  if (figure === 0) return withUnit('0', '', format);
  const written = writeNumber(figure, format);
  if (/[1-9]/.test(written)) return withUnit(written, format.suffix, format);
  const own = figureFormat(figure, Number.isInteger(figure));
  const zeros = leadingZeros(figure);
  const decimals = zeros > 0 ? zeros + 2 : own.decimals;
  const { style } = format;
  return withUnit(writeNumber(figure, { ...own, decimals, style }), own.suffix, format);
}

/** A unit stands before the figure, but after its sign, or after it; a word keeps its distance. */
function withUnit(written: string, suffix: string, { style }: FigureFormat): string {
  const { unit = '', unitAt } = style ?? {};
  if (unit === '') return `${written}${suffix}`;
  const apart =
    /^\p{L}{2,}/u.test(unit) || (unitAt === 'after' && /^\p{L}/u.test(unit)) ? '\u00a0' : '';
  if (unitAt === 'after') return `${written}${suffix}${apart}${unit}`;
  const sign = written.startsWith(minus) ? minus : '';
  return `${sign}${unit}${apart}${written.slice(sign.length)}${suffix}`;
}

/** How many zeros stand between the decimal mark and the first other digit. */
const leadingZeros = (figure: number) =>
  Math.min(12, Math.max(0, -Math.floor(Math.log10(Math.abs(figure))) - 1));

/**
 * Writes a figure without its suffix, for a table whose head says it.
 * @param figure undivided: the format divides it
 */
export function writeNumber(figure: number, { divisor, decimals, style }: FigureFormat): string {
  return writeFixed(figure / divisor, decimals, style?.marks);
}

/**
 * Writes a difference with its sign; what is rounded to nothing has none.
 * @param difference in the figures' own unit; of percentages 0.05 is 5 points
 */
export function writeDifference(difference: number, format: FigureFormat): string {
  const shown = writeNumber(difference, format);
  return difference > 0 && shown !== writeNumber(0, format) ? `+${shown}` : shown;
}

/** Whether figures are percentages, whose differences are points. */
export const isPercentage = ({ style }: FigureFormat): boolean => style?.unit.trim() === '%';

/**
 * Writes how far two figures are apart, without a sign: percentages are points apart, not per cent.
 * @param difference in the figures' own unit; of percentages 0.05 is 5 points
 */
export function writeApart(difference: number, format: FigureFormat): string {
  const size = Math.abs(difference);
  if (!isPercentage(format)) return writeFigure(size, format);
  const { style } = format;
  const points = writeFigure(size, { ...format, style: style && { ...style, unit: '' } });
  return `${points} points`;
}

/**
 * A change with its sign and what share it is of what it changed from, as in “+0.2m (+15.4%)”; of
 * percentages it is in points.
 * @param change in the figures' own unit
 * @param before what it changed from; null for none, which leaves the share out
 */
export function writeChange(change: number, before: number | null, format: FigureFormat): string {
  const written = `${writeDifference(change, format)}${format.suffix}`;
  if (isPercentage(format)) return `${written} points`;
  return before ? `${written} (${writeShare(change, before)})` : written;
}

const ofHundred = { divisor: 1, suffix: '', decimals: 1 };

/**
 * A change as a share of what it changed from, as in “+15.4%”.
 * @param before other than 0
 */
export const writeShare = (change: number, before: number): string =>
  `${writeDifference((100 * change) / Math.abs(before), ofHundred)}%`;

/**
 * A format with as many more decimals, up to four, as it takes that no figure but zero reads as zero.
 * @param figures those that are written side by side; missing ones are null
 */
export function finerFormat(figures: Figures, format: FigureFormat): FigureFormat {
  const least = figures.reduce<number>(
    (small, figure) => (figure ? Math.min(small, Math.abs(figure)) : small),
    Infinity,
  );
  const finer = (decimals: number): FigureFormat => {
    const shown = least >= format.divisor / 10 ** decimals / 2;
    return shown || decimals >= format.decimals + 4 ? { ...format, decimals } : finer(decimals + 1);
  };
  return finer(format.decimals);
}

/**
 * Writes a figure in full, with all its decimals up to six.
 * @param marks of decimals and thousands; those of the page where none are given
 */
export function writeWhole(figure: number, marks?: NumberMarks): string {
  const decimals = Math.min(6, new Big(figure).round(6).toFixed().split('.')[1]?.length ?? 0);
  return writeFixed(figure, decimals, marks);
}

/**
 * Writes a figure with so many decimals and with thousands marks. What is rounded to nothing leaves
 * no sign behind: never -0.00. Halves are rounded away from zero by the decimal that is seen.
 * (The platform's own formatter does the same, but takes longer to be made than a chart to be read.)
 */
function writeFixed(figure: number, decimals: number, marks: NumberMarks = 'comma'): string {
  const { group, decimal } = numberMarks[marks];
  const [whole = '', rest] = new Big(Math.abs(figure)).toFixed(decimals).split('.');
  const grouped = whole.replace(/\B(?=(\d{3})+$)/g, group);
  const written = rest === undefined ? grouped : `${grouped}${decimal}${rest}`;
  return figure < 0 && /[1-9]/.test(written) ? `${minus}${written}` : written;
}
