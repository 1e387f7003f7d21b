import { saveFile } from './saveFile';
import { periodKey } from '../../core/calendar';
import { linesOf, type Reading } from '../../core/reading';

/** The figures behind a chart as plain cells: exact, whatever is written on the screen. */
export type FigureCells = (string | number | null)[][];

/** The figures as a table with a head: periods by series, each with what it is held against. */
export function figureCells(reading: Reading): FigureCells {
  const lines = linesOf(reading);
  const marks = new Set(lines.map(({ comparison }) => comparison?.markId));
  const several = lines.filter(({ comparison }) => comparison).length > 1;
  const columns = lines
    .filter(({ id }) => !marks.has(id))
    .flatMap((line) => {
      const { called: name, figures, comparison, caughtBy, met } = line;
      const of = several ? ` of ${name}` : '';
      const named = (id: string | null) => reading.rules.find((rule) => rule.id === id)?.name;
      const rules =
        met.size > 0 ? [{ name: `Rule${of}`, cells: caughtBy.map((id) => named(id) ?? null) }] : [];
      if (!comparison) return [{ name, cells: figures as FigureCells[number] }, ...rules];
      const { markName, differences, running } = comparison;
      return [
        { name, cells: figures as FigureCells[number] },
        { name: `${markName}${of}`, cells: comparison.marks as FigureCells[number] },
        { name: `Difference${of}`, cells: differences as FigureCells[number] },
        { name: `Running difference${of}`, cells: running as FigureCells[number] },
        ...rules,
      ];
    });
  return [
    ['Period', ...columns.map(({ name }) => name)],
    ...reading.positions.map(({ start, label }, place) => [
      reading.axis === 'calendar' ? periodKey(start, reading.grain) : label,
      ...columns.map(({ cells }) => cells[place] ?? null),
    ]),
  ];
}

/** Ways of writing the figures to a file; the packages for it are loaded when they are asked for. */
export const figureFiles = {
  csv: async (cells: FigureCells) => {
    const { default: Papa } = await import('papaparse');
    return new Blob([`\ufeff${Papa.unparse(cells, { escapeFormulae: true })}`], {
      type: 'text/csv',
    });
  },
  xlsx: async (cells: FigureCells) => {
    const { utils, write } = await import('@e965/xlsx');
    const book = utils.book_new(utils.aoa_to_sheet(cells), 'Figures');
    return new Blob([write(book, { type: 'array' }) as ArrayBuffer]);
  },
  json: async ([names = [], ...rows]: FigureCells) => {
    const records = rows.map((row) =>
      Object.fromEntries(names.map((name, place) => [String(name), row[place] ?? null])),
    );
    return new Blob([JSON.stringify(records, null, 2)], { type: 'application/json' });
  },
};

/** Writes the figures behind a chart to a file of the person's own. */
export async function writeFigures(reading: Reading, form: keyof typeof figureFiles) {
  saveFile(await figureFiles[form](figureCells(reading)), `${reading.title}.${form}`);
}

/** Copies the figures behind a chart as cells, that any spreadsheet takes. */
export async function copyFigures(reading: Reading) {
  const { default: Papa } = await import('papaparse');
  const cells = Papa.unparse(figureCells(reading), { delimiter: '\t', escapeFormulae: true });
  await navigator.clipboard.writeText(cells);
}
