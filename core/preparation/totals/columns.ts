import { cellFigure, cellText, type DecimalMark, isBlank } from '../../table';
import { findPeriod, headJoint, periodsAcross } from '../periodNames';
import type { Sheet } from '../step';
import { fewestParts } from './rows';
import { enoughDigits, findSums, type Line, type Says } from './sums';
import { namesMean, namesTotal } from './words';

export interface FoundTotalColumns {
  sure: string[];
  doubtful: string[];
}

/**
 * Finds the columns that add others up, where periods stand across: quarters and a year beside months,
 * and totals by any name. Elsewhere a column of totals is a measure like the others.
 * @param sheet the columns as they stand with the first rows
 * @param mark the decimal mark of the file
 */
export function findTotalColumns({ columns, rows }: Sheet, mark: DecimalMark): FoundTotalColumns {
  // Most tables have no periods across, and nothing of them is looked at.
  if (periodsAcross(columns).size < fewestParts) return { sure: [], doubtful: [] };
  const lines = columns.map((_, place): Line =>
    rows.map((cells) => cellFigure(cells[place] ?? '', mark)),
  );
  const figures = columns.flatMap((_, place) => (isFigures(rows, lines, place) ? [place] : []));
  const periods = periodsAcross(figures.map((place) => columns[place] as string));
  if (periods.size < fewestParts) return { sure: [], doubtful: [] };
  const rests = new Set([...periods.values()].map(({ rest }) => rest));
  const sure = new Set<string>();
  for (const rest of rests) {
    const own = figures.filter((place) => {
      const name = columns[place] as string;
      const period = periods.get(name);
      return period ? period.rest === rest : name.split(headJoint).join(' ').includes(rest);
    });
    const says = (at: number): Says => {
      const name = columns[own[at] as number] as string;
      return periods.has(name) ? 'no' : 'named';
    };
    const found = findSums(
      own.map((place) => lines[place] as Line),
      says,
    );
    for (const [at, { kind, parts, digits }] of found) {
      const name = columns[own[at] as number] as string;
      const isSaid = saysSo(name) || digits >= enoughDigits;
      if (kind === 'sum' && parts >= fewestParts && isSaid) sure.add(name);
    }
  }
  const doubtful = figures
    .map((place) => columns[place] as string)
    .filter((name) => !sure.has(name) && !periods.has(name) && saysSo(name));
  return { sure: [...sure], doubtful };
}

/** It names a longer period than the others, or a total. */
function saysSo(name: string): boolean {
  const parts = [name, ...name.split(headJoint)];
  return (
    parts.some((part) => namesTotal(part) || namesMean(part) || longer.test(part)) ||
    findPeriod(name) !== null
  );
}

/** “FY”, “YTD”, “H1” and the like: periods that are of others. */
const longer = /^(fy|ytd|full year|year|h[12]|jahr|année|año)\b( ?(\d\d){1,2})?$/i;

function isFigures(rows: Sheet['rows'], lines: readonly Line[], place: number): boolean {
  const present = rows.filter((cells) => !isBlank(cellText(cells[place] ?? ''))).length;
  const figures = (lines[place] as Line).filter((figure) => figure !== null).length;
  return figures >= 0.8 * present;
}
