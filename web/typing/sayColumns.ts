import { isBlank, readNumber, recogniseColumn, recogniseDecimalMark } from '../../core/table';
import type { TypedCells } from './cells';

const kinds = { date: 'dates', number: 'figures', text: 'words' };

/** What each named column of a typed table holds, as it is being typed. */
export function sayColumns([names = [], ...rows]: TypedCells): string[] {
  const mark = recogniseDecimalMark(rows.flat());
  return names.flatMap((name, place) => {
    if (!name.trim()) return [];
    const cells = rows.map((row) => row[place] ?? '').filter((cell) => !isBlank(cell));
    if (cells.length === 0) return [];
    const { kind } = recogniseColumn(name, cells, mark);
    const odd = cells.filter((cell) => readNumber(cell, mark) === null);
    // A column that is words for the sake of a few cells was meant to hold figures.
    const few = kind === 'text' && odd.length < cells.length / 2;
    const why = few ? `, since ${odd.slice(0, 3).join(', ')} is no figure` : '';
    return [`“${name.trim()}” holds ${kinds[kind]}${why}.`];
  });
}
