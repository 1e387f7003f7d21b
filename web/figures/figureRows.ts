import {
  type FigureFormat,
  finerFormat,
  isPercentage,
  suffixWords,
  writeDifference,
  writeNumber,
  writeWhole,
} from '../../core/labels';
import { type Comparison, linesOf, type Reading, type ReadSeries } from '../../core/reading';

/** One cell of the figures: as written, in full, and whether it is off or on the mark. */
export interface FigureCell {
  text: string;
  full: string;
  judgement: 'on' | 'off' | null;
}

/** One line of the figures, with a cell for each period. */
export interface FigureRow {
  key: string;
  name: string;
  /** what its figures are in, where they are not written in full */
  unit: string;
  kind: 'figure' | 'mark' | 'difference' | 'percent' | 'running' | 'rule' | 'standout';
  /** the cell of a period by its place: written when it is shown, since most of many never are */
  cell: (place: number) => FigureCell;
  /** what it is sorted by; null where there is nothing */
  values: readonly (number | string | null)[];
  /** the line that it belongs to */
  line: ReadSeries;
}

const none: FigureCell = { text: '', full: '', judgement: null };

/**
 * The figures behind a chart, line by line: each series, and for a compared one what it is held
 * against, the difference, the running difference, and the colour rule that caught the figure.
 * @param room where there is room, small differences are written with one more digit
 */
export function figureRows(reading: Reading, room: 'narrow' | 'wide'): FigureRow[] {
  const lines = linesOf(reading);
  const marks = new Set(lines.map(({ comparison }) => comparison?.markId));
  return lines
    .filter(({ id }) => !marks.has(id))
    .flatMap((series) => {
      const own: FigureRow = {
        key: series.id,
        name: series.called,
        unit: unitOf(series.format),
        kind: 'figure',
        cell: figures(series.format, series.figures, room),
        values: series.figures,
        line: series,
      };
      return [
        own,
        ...comparisonRows(reading, series, room),
        ...ruleRows(reading, series),
        ...standoutRows(reading, series, room),
      ];
    });
}

/** What the figures of a column are in. */
function unitOf(format: FigureFormat): string {
  const unit = format.style?.unit.trim() ?? '';
  const words = suffixWords[format.suffix];
  return words && unit ? `${words} of ${unit}` : words || (unit && `in ${unit}`);
}

/**
 * A figure in the one unit of its column. What is rounded to nothing is said to be less than the least
 * that is written: only a true zero reads as zero.
 */
function legible(written: string, value: number, format: FigureFormat): string {
  if (value === 0 || /[1-9]/.test(written)) return written;
  const least = writeNumber(format.divisor / 10 ** format.decimals, format);
  return value > 0 ? `<${least}` : `>\u2212${least}`;
}

function figures(
  usual: FigureFormat,
  values: readonly (number | null)[],
  room: 'narrow' | 'wide',
): FigureRow['cell'] {
  const format = room === 'wide' ? finerFormat(values, usual) : usual;
  return written(values, (value) => ({
    text: legible(writeNumber(value, format), value, format),
    full: writeWhole(value, usual.style?.marks),
    judgement: null,
  }));
}

/** Writes the value at a place; where there is none, nothing. */
const written =
  (
    values: readonly (number | null)[],
    write: (value: number, place: number) => FigureCell,
  ): FigureRow['cell'] =>
  (place) => {
    const value = values[place] ?? null;
    return value === null ? none : write(value, place);
  };

function comparisonRows(reading: Reading, line: ReadSeries, room: 'narrow' | 'wide'): FigureRow[] {
  const { id, called: name, comparison, format: usual } = line;
  if (!comparison) return [];
  const compared = linesOf(reading).filter((each) => each.comparison);
  const several = compared.length > 1;
  const namesakes = compared.filter((each) => each.comparison?.markName === comparison.markName);
  const of = several ? ` of ${name}` : '';
  const format = room === 'wide' ? finerFormat(comparison.differences, usual) : usual;
  const apart = isPercentage(usual) ? 'in points' : unitOf(usual);
  const signed = (values: readonly (number | null)[]) =>
    written(values, (value, place) => ({
      text: legible(writeDifference(value, format), value, format),
      full: writeWhole(value, usual.style?.marks),
      judgement: comparison.judgements[place] ?? null,
    }));
  return [
    {
      key: `${id} mark`,
      name: namesakes.length > 1 ? `${comparison.markName}${of}` : comparison.markName,
      unit: unitOf(usual),
      kind: 'mark',
      cell: figures(usual, comparison.marks, room),
      values: comparison.marks,
      line,
    },
    {
      key: `${id} difference`,
      name: `Diff.${of}`,
      unit: apart,
      kind: 'difference',
      cell: signed(comparison.differences),
      values: comparison.differences,
      line,
    },
    ...(room === 'wide' && !isPercentage(usual)
      ? [percentRow(line, comparison, `Diff. %${of}`)]
      : []),
    {
      key: `${id} running`,
      name: `Running${of}`,
      unit: apart,
      kind: 'running',
      cell: signed(comparison.running),
      values: comparison.running,
      line,
    },
  ];
}

/** The difference in % of what each figure is held against; missing where that is zero. */
function percentRow(line: ReadSeries, comparison: Comparison, name: string): FigureRow {
  const { marks, differences, judgements } = comparison;
  const values = differences.map((difference, place) => {
    const mark = marks[place] ?? null;
    return difference === null || mark === null || mark === 0
      ? null
      : (100 * difference) / Math.abs(mark);
  });
  const format = { divisor: 1, suffix: '', decimals: 1, style: line.format.style };
  const cell = written(values, (value, place) => ({
    text: writeDifference(value, format),
    full: `${writeWhole(value, line.format.style?.marks)}%`,
    judgement: judgements[place] ?? null,
  }));
  return { key: `${line.id} percent`, name, unit: '', kind: 'percent', cell, values, line };
}

/** Which colour rule caught each figure of a line that has rules. */
function ruleRows(reading: Reading, line: ReadSeries): FigureRow[] {
  if (line.met.size === 0) return [];
  const several = linesOf(reading).filter(({ met }) => met.size > 0).length > 1;
  const names = new Map(reading.rules.map(({ id, name }) => [id, name]));
  const values = line.caughtBy.map((caught) => (caught && names.get(caught)) || null);
  const cell = (place: number): FigureCell => {
    const rule = reading.rules.findIndex(({ id }) => id === line.caughtBy[place]);
    const found = reading.rules[rule];
    const judgement = line.comparison?.judgements[place] ?? null;
    return found ? { text: String(rule + 1), full: found.name, judgement } : none;
  };
  const name = `Rule${several ? ` of ${line.called}` : ''}`;
  return [{ key: `${line.id} rule`, name, unit: '', kind: 'rule', cell, values, line }];
}

/** Rows of words rather than figures. */
export const inWords: ReadonlySet<FigureRow['kind']> = new Set(['rule', 'standout']);

/** Which standouts picked each figure of a line that has some. */
function standoutRows(reading: Reading, line: ReadSeries, room: 'narrow' | 'wide'): FigureRow[] {
  const picked = reading.panels
    .flatMap(({ standouts }) => standouts)
    .filter(({ series }) => series === line.id);
  if (picked.length === 0) return [];
  const called = new Map(
    picked.map(({ period, by }) => [period, by.map((each) => each.called).join(', ')]),
  );
  const several =
    new Set(reading.panels.flatMap(({ standouts }) => standouts.map(({ series }) => series))).size >
    1;
  const name = `Stands out${several ? ` of ${line.called}` : ''}`;
  const cell = (place: number): FigureCell => {
    const full = called.get(place);
    return full === undefined
      ? none
      : { text: room === 'wide' ? full : '●', full, judgement: null };
  };
  const values = line.figures.map((_, place) => called.get(place) ?? null);
  return [{ key: `${line.id} standout`, name, unit: '', kind: 'standout', cell, values, line }];
}
