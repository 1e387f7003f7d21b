import {
  finerFormat,
  writeDifference,
  writeFigure,
  writeNumber,
  writeWhole,
} from '../../core/labels';
import { linesOf, type Reading, type ReadSeries } from '../../core/reading';

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
  kind: 'figure' | 'mark' | 'difference' | 'running' | 'rule';
  cells: FigureCell[];
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
        name: nameOf(series, lines),
        kind: 'figure',
        cells: figures(reading, series.figures, room),
      };
      return [own, ...comparisonRows(reading, series, room)];
    });
}

/** A line by its name, and by its series too where several series have a line of that name. */
export function nameOf(line: ReadSeries, lines: readonly ReadSeries[]): string {
  const alike = lines.some((each) => each !== line && each.name === line.name);
  return alike ? `${line.name}, ${line.seriesName}` : line.name;
}

/** What is rounded to nothing is written with a suffix of its own: only a true zero reads as zero. */
const legible = (written: string, value: number, own: string) =>
  value === 0 || /[1-9]/.test(written) ? written : own;

function figures(
  reading: Reading,
  values: readonly (number | null)[],
  room: 'narrow' | 'wide',
): FigureCell[] {
  const format = room === 'wide' ? finerFormat(values, reading.format) : reading.format;
  return values.map((value) =>
    value === null
      ? none
      : {
          text: legible(writeNumber(value, format), value, writeFigure(value, format)),
          full: writeWhole(value),
          judgement: null,
        },
  );
}

function comparisonRows(
  reading: Reading,
  { id, name, comparison }: ReadSeries,
  room: 'narrow' | 'wide',
): FigureRow[] {
  if (!comparison) return [];
  const several = linesOf(reading).filter((each) => each.comparison).length > 1;
  const of = several ? ` of ${name}` : '';
  const format =
    room === 'wide' ? finerFormat(comparison.differences, reading.format) : reading.format;
  const signed = (values: readonly (number | null)[]): FigureCell[] =>
    values.map((value, place) =>
      value === null
        ? none
        : {
            text: legible(
              writeDifference(value, format),
              value,
              `${value > 0 ? '+' : ''}${writeFigure(value, format)}`,
            ),
            full: writeWhole(value),
            judgement: comparison.judgements[place] ?? null,
          },
    );
  const rules = comparison.caughtBy.map((caught, place): FigureCell => {
    const rule = reading.rules.findIndex((each) => each.id === caught);
    const found = reading.rules[rule];
    return found
      ? {
          text: String(rule + 1),
          full: found.name,
          judgement: comparison.judgements[place] ?? null,
        }
      : none;
  });
  return [
    {
      key: `${id} mark`,
      name: comparison.markName,
      kind: 'mark',
      cells: figures(reading, comparison.marks, room),
    },
    {
      key: `${id} difference`,
      name: `Diff.${of}`,
      kind: 'difference',
      cells: signed(comparison.differences),
    },
    {
      key: `${id} running`,
      name: `Running${of}`,
      kind: 'running',
      cells: signed(comparison.running),
    },
    ...(reading.rules.length > 0
      ? [{ key: `${id} rule`, name: `Rule${of}`, kind: 'rule' as const, cells: rules }]
      : []),
  ];
}
