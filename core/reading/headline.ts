import { writeFigure } from '../labels';
import type { ReadHeadline, Reading, ReadSeries } from './reading';
import { sayApart } from './words';

/** The figure that a headline shows: the last finished one of the first actual, else of any line. */
export function readHeadline({
  panels,
  positions,
}: Pick<Reading, 'panels' | 'positions'>): ReadHeadline | null {
  const lines = panels.flatMap(({ series }) => series);
  const line = lines.find(({ role }) => role === 'actual') ?? lines[0];
  const place = line ? lastFinished(line) : -1;
  const figure = line?.figures[place] ?? null;
  if (!line || figure === null) return null;
  const difference = line.comparison?.differences[place] ?? null;
  return {
    figure: writeFigure(figure, line.format),
    period: positions[place]?.label ?? '',
    difference:
      difference === null || !line.comparison
        ? ''
        : sayApart(difference, line.comparison, line.format),
    judgement: line.comparison?.judgements[place] ?? null,
  };
}

/** The place of the last finished figure; of the last one where none is finished. */
function lastFinished({ figures, open, last }: ReadSeries): number {
  const finished = figures.findLastIndex((figure, place) => figure !== null && !open[place]);
  return finished >= 0 ? finished : (last ?? -1);
}
