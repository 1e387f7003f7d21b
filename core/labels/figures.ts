/** How the figures of one chart are written: divided, with a suffix and a number of decimals. */
export interface FigureFormat {
  divisor: number;
  suffix: string;
  decimals: number;
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
 * Chooses how figures are written so that about three digits are seen.
 * @param largest the largest figure by size
 * @param whole all figures are whole numbers, which get no decimals when undivided
 */
export function figureFormat(largest: number, whole: boolean): FigureFormat {
  const size = Math.abs(largest);
  const unit = units.find(({ divisor }) => size >= divisor * (divisor === 1e3 ? 10 : 1));
  const { divisor, suffix } = unit ?? { divisor: 1, suffix: '' };
  const shown = size / divisor;
  if (divisor === 1 && whole) return { divisor, suffix, decimals: 0 };
  return { divisor, suffix, decimals: shown >= 1000 ? 0 : shown >= 10 ? 1 : 2 };
}

const minus = '\u2212';

/** Writes a figure by a chart's format. */
export function writeFigure(figure: number, format: FigureFormat): string {
  if (figure === 0) return '0';
  return `${writeNumber(figure, format)}${format.suffix}`;
}

/** Writes a figure without its suffix, for a table whose head says it. */
export function writeNumber(figure: number, { divisor, decimals }: FigureFormat): string {
  return writeFixed(figure / divisor, decimals);
}

/** Writes a difference with its sign; what is rounded to nothing has none. */
export function writeDifference(difference: number, format: FigureFormat): string {
  const shown = writeNumber(difference, format);
  return difference > 0 && shown !== writeNumber(0, format) ? `+${shown}` : shown;
}

/** Writes a figure in full, with all its decimals up to six. */
export function writeWhole(figure: number): string {
  return written(figure, 0, 6);
}

const writeFixed = (figure: number, decimals: number) => written(figure, decimals, decimals);

/** Making a formatter takes far longer than using it. */
const formatters = new Map<number, Intl.NumberFormat>();

function written(figure: number, least: number, most: number): string {
  const key = least * 100 + most;
  let formatter = formatters.get(key);
  if (!formatter) {
    formatter = new Intl.NumberFormat('en-GB', {
      minimumFractionDigits: least,
      maximumFractionDigits: most,
      // What is rounded away leaves no sign behind: never -0.00.
      signDisplay: 'negative',
    });
    formatters.set(key, formatter);
  }
  return formatter.format(figure).replace('-', minus);
}
