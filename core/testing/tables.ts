import { parseDay } from '../calendar';
import type { ChartDefinition } from '../chart';
import { chartFrames, expandChart, frameRequest } from '../figures';
import { aggregate } from '../frame';
import { rowsOf } from '../origins';
import { readChart, type ReadingContext } from '../reading';
import type { Names } from '../sentences';
import {
  type Column,
  dateColumn,
  missingDay,
  numberColumn,
  type Table,
  textColumn,
} from '../table';
import { readChartText } from '../text';

/** Rows of a test as they would be typed: a head, then a row a line, cells parted by commas. */
export interface Typed {
  name: string;
  /** dates, words or figures, by column */
  kinds: readonly Column['kind'][];
  rows: string;
}

const decimalsOf = (cells: readonly string[]) =>
  Math.max(0, ...cells.map((cell) => cell.split('.')[1]?.length ?? 0));

function columnOf(name: string, kind: Column['kind'], cells: readonly string[]): Column {
  if (kind === 'date')
    return dateColumn(
      name,
      Int32Array.from(cells, (cell) => parseDay(cell) ?? missingDay),
    );
  if (kind === 'number') {
    const figures = Float64Array.from(cells, (cell) => (cell === '' ? NaN : Number(cell)));
    return numberColumn(name, figures, decimalsOf(cells));
  }
  const words = [...new Set(cells)];
  return textColumn(
    name,
    Int32Array.from(cells, (cell) => words.indexOf(cell)),
    words,
  );
}

/** A table of what was typed. */
export function tableOf({ kinds, rows }: Typed): Table {
  const [head = [], ...lines] = rows
    .trim()
    .split('\n')
    .map((line) => line.split(',').map((cell) => cell.trim()));
  const columns = head.map((name, at) =>
    columnOf(
      name,
      kinds[at] ?? 'text',
      lines.map((cells) => cells[at] ?? ''),
    ),
  );
  return { rows: lines.length, columns };
}

/** What charts over typed tables can name. */
export const namesOf = (sources: readonly Typed[]): Names => ({
  source: sources.map((typed, at) => {
    const { columns } = tableOf(typed);
    return {
      id: at + 1,
      name: typed.name,
      date: columns.find(({ kind }) => kind === 'date')?.name ?? '',
      columns: columns.map(({ name, kind }) => ({ id: name, name, kind })),
      measures: [],
    };
  }),
});

/**
 * Reads a chart that is written as text over tables that are typed.
 * @throws Error when the text is not understood, or figures cannot be had
 */
export function readWritten(
  text: string,
  sources: readonly Typed[],
  today: string,
  context: Partial<ReadingContext> = {},
) {
  const { chart, problems } = readChartText(text, namesOf(sources), undefined);
  if (!chart || problems.length > 0)
    throw new Error(problems.map(({ line, sentence }) => `${line}: ${sentence}`).join('\n'));
  return { chart, reading: readOver(chart, sources, today, context) };
}

/** A reading of a chart over tables that are typed: from rows to what is drawn. */
export function readOver(
  chart: ChartDefinition,
  sources: readonly Typed[],
  today: string,
  context: Partial<ReadingContext> = {},
) {
  const day = parseDay(today) ?? 0;
  const expanded = expandChart(chart, { turned: context.dials ?? {} });
  const tables = sources.map(tableOf);
  const aggregated = Object.fromEntries(
    expanded.series.flatMap((series) => {
      const table = tables[(rowsOf(series.figures)?.sourceId ?? 0) - 1];
      const columns = table?.columns.map(({ name }) => name) ?? [];
      const request = frameRequest(expanded, series, day, columns);
      return table && request ? [[series.id, aggregate(table, request)]] : [];
    }),
  );
  const { frames, problems } = chartFrames(expanded, aggregated, day, context.dials);
  if (problems.length > 0) throw new Error(problems.map(({ sentence }) => sentence).join('\n'));
  return readChart(chart, frames, { today: day, ...context });
}
