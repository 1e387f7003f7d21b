import { yearBefore } from '../calendar';
import { writeFigure, writePeriod, writeWhole } from '../labels';
import { between, sayBetween } from './between';
import { sayOnYearBefore } from './onYearBefore';
import type { Judgement } from '../rules';
import type { Reading, ReadSeries } from './reading';
import { linesOf, sayApart } from './words';

/** What one line says at a position. */
export interface ReadOutRow {
  line: ReadSeries;
  figure: string;
  /** the figure with all its digits */
  whole: string;
  /** how far it is from its mark; empty without one */
  apart: string;
  judgement: Judgement;
  /** its change on the year before; empty where there is none */
  change: string;
}

/** What a chart says at a position. */
export interface ReadOut {
  label: string;
  open: boolean;
  /** what figures are changes on, as in "on Sep 2024"; empty where no line has one */
  onBefore: string;
  /** the lines that have a figure there: those held against a mark first, then the greatest */
  rows: ReadOutRow[];
  /** the names of those that have none */
  missing: string[];
}

/**
 * What every line of a chart says at a position: its figure, how far it is from its mark, and its
 * change on the year before.
 * @param period the place along the axis, from 0
 * @returns null beside the axis
 */
export function readOutAt(reading: Reading, period: number): ReadOut | null {
  const here = reading.positions[period];
  if (!here) return null;
  const lines = linesOf(reading);
  const has = ({ figures }: ReadSeries) => (figures[period] ?? null) !== null;
  const rows = lines
    .filter(has)
    .sort(
      (a, b) =>
        Number(!!b.comparison) - Number(!!a.comparison) ||
        (b.figures[period] ?? 0) - (a.figures[period] ?? 0),
    )
    .map((line) => rowOf(reading, line, period));
  const changed = rows.some(({ change }) => change !== '');
  return {
    label: here.label,
    open: here.open,
    onBefore: changed ? `on ${sayBefore(reading, here.start)}` : '',
    rows,
    missing: lines.filter((line) => !has(line)).map(({ called }) => called),
  };
}

function rowOf(reading: Reading, line: ReadSeries, period: number): ReadOutRow {
  const figure = line.figures[period] ?? 0;
  return {
    line,
    figure: writeFigure(figure, line.format),
    whole: writeWhole(figure, line.format.style?.marks),
    apart: sayDifference(line, period) ?? '',
    judgement: line.comparison?.judgements[period] ?? null,
    change: sayOnYearBefore(reading, line, period),
  };
}

/** Of years laid over each other each line has a year before of its own. */
function sayBefore({ axis, grain, look }: Reading, start: number): string {
  const before = axis === 'calendar' ? yearBefore(start, grain) : null;
  return before === null ? 'the year before' : writePeriod(before, grain, look.periods);
}

/**
 * How far a compared line is from its mark at a position, in words; null without a comparison.
 * @param period the place along the axis, from 0
 */
export function sayDifference({ comparison, format }: ReadSeries, period: number): string | null {
  const difference = comparison?.differences[period] ?? null;
  if (!comparison || difference === null) return null;
  const off = comparison.judgements[period] === 'off';
  return `${sayApart(difference, comparison, format)}${off ? ', off the mark' : ''}`;
}

/** What lies between two positions, line by line. */
export interface ReadBetween {
  /** the two positions, the earlier first */
  labels: [string, string];
  rows: { line: ReadSeries; one: string; two: string; change: string }[];
}

/**
 * What changed between two positions: the figures of every line that has both, and their difference.
 * @param one a place along the axis, from 0
 * @param two another place, on either side of it
 */
export function readBetween(reading: Reading, one: number, two: number): ReadBetween {
  const [first, last] = [Math.min(one, two), Math.max(one, two)];
  const rows = linesOf(reading).flatMap((line) => {
    const change = between(line, first, last);
    if (!change) return [];
    const written = (place: number) => writeFigure(line.figures[place] ?? 0, line.format);
    return [{ line, one: written(first), two: written(last), change: sayBetween(change, line) }];
  });
  const label = (place: number) => reading.positions[place]?.label ?? '';
  return { labels: [label(first), label(last)], rows };
}
