import { boolean, number, object, string } from 'yup';
import { type Cell, cellText, isBlank, readNumber } from '../../table';
import { columnNames } from '../names';
import { headJoint, periodNamed } from '../periodNames';
import type { StepBase, StepKind } from '../step';

/** Which rows of the file name its columns; what stands above them is left out. */
export interface HeadStep extends StepBase {
  kind: 'head';
  /** the first of them, counted from 1; null when no row does */
  from: number | null;
  /** the last of them; 0 when no row does */
  to: number;
}

/** A head stands among so many first rows, and has so many at most. */
const most = { above: 60, rows: 3 };

const rowChoices = (text: string, field: 'from' | 'to') =>
  ({ field, text, choose: { as: 'number' } }) as const;

export const head: StepKind<HeadStep> = {
  kind: 'head',
  name: 'Names of the columns',
  schema: () =>
    object({
      id: string().required(),
      kind: string<'head'>().oneOf(['head']).required(),
      off: boolean(),
      from: number().integer().min(1).max(most.above).nullable().defined(),
      to: number().integer().min(0).max(most.above).required(),
    }).test(
      'order',
      'The head ends before it begins, or is longer than three rows.',
      ({ from, to }) => from === null || (to >= from && to < from + most.rows),
    ),
  draft: () => ({ from: 1, to: 1 }),
  say: ({ from, to }) =>
    from === null
      ? ['No row names the columns; figures begin below row ', rowChoices(String(to), 'to')]
      : from === to
        ? ['Row ', rowChoices(String(from), 'from'), ' names the columns']
        : [
            'Rows ',
            rowChoices(String(from), 'from'),
            ' to ',
            rowChoices(String(to), 'to'),
            ' together name the columns',
          ],
  begin({ from, to }, _columns, { firstRows }) {
    const columns = namesIn(firstRows, from, to);
    return {
      columns,
      push: (row, emit) => {
        if (row.number > to && row.cells.some((cell) => !isBlank(cellText(cell), noSigns)))
          emit(row);
      },
      remark: () => (from !== null && from > 1 ? sayAbove(firstRows, from) : null),
    };
  },
  suggest: (sheet) => [suggestHead(sheet.rows)],
};

const noSigns: ReadonlySet<string> = new Set();

function sayAbove(rows: readonly (readonly Cell[])[], from: number): string {
  const texts = rows
    .slice(0, from - 1)
    .map((cells) => [...new Set(cells.map(cellText))].filter(Boolean).join(' ').trim())
    .filter(Boolean);
  return texts.length === 0
    ? 'Above it stand blank rows.'
    : `Above it stands: ${texts.join('; ').slice(0, 160)}`;
}

/** The names that rows of a head make together: a cell that was merged over several names them all. */
function namesIn(rows: readonly (readonly Cell[])[], from: number | null, to: number): string[] {
  const width = Math.max(...rows.map((cells) => cells.length), 0);
  if (from === null) return columnNames(Array.from({ length: width }, () => ''));
  const head = rows.slice(from - 1, to).map((cells, row) => filledRight(cells, row < to - from));
  const length = Math.max(...head.map((cells) => cells.length), 0);
  return columnNames(
    Array.from({ length }, (_, place) => {
      const parts = head.map((cells) => cells[place] ?? '').filter(Boolean);
      return parts.filter((part, at) => part !== parts[at - 1]).join(headJoint);
    }),
  );
}

function filledRight(cells: readonly Cell[], fill: boolean): string[] {
  let last = '';
  return cells.map((cell) => {
    const text = cellText(cell).trim();
    if (text) last = text;
    return fill ? text || last : text;
  });
}

/** Finds the rows that name the columns. */
function suggestHead(rows: readonly (readonly Cell[])[]): Pick<HeadStep, 'from' | 'to'> {
  const looks = rows.slice(0, most.above).map(lookAt);
  const filled = looks.map((look) => look.texts.length).filter((count) => count > 0);
  const typical = [...filled].sort((a, b) => a - b)[Math.floor(filled.length / 2)] ?? 0;
  const least = Math.max(Math.min(2, typical), Math.ceil(typical / 2));
  const first = looks.findIndex((look) => look.texts.length >= least && !look.oneText);
  if (first < 0) return { from: 1, to: 1 };
  const above = looks.slice(0, first).findLastIndex(({ texts }) => texts.length > 0);
  // A row with fewer names than there are cells below still names what it can.
  const named =
    isFigures(looks, first) && (looks[above]?.texts.length ?? 0) > 1 && !looks[above]?.oneText
      ? above
      : first;
  if (isFigures(looks, named)) return { from: null, to: named };
  let from = named;
  let to = named;
  const figuresBelow = (row: number) => looks.slice(row).some(({ figures }) => figures > 0);
  const canName = (row: number) => {
    const look = looks[row];
    return look !== undefined && look.texts.length > 0 && look.figures === 0 && look.longest <= 60;
  };
  while (
    to - from + 1 < most.rows &&
    looks[to]?.repeats &&
    canName(to + 1) &&
    figuresBelow(to + 2) &&
    !isFigures(looks, to + 1)
  )
    to += 1;
  while (
    to - from + 1 < most.rows &&
    (looks[from]?.repeats || looks[from - 1]?.onlyPeriods) &&
    canName(from - 1) &&
    (looks[from - 1]?.texts.length ?? 0) > 1 &&
    !looks[from - 1]?.oneText
  )
    from -= 1;
  return { from: from + 1, to: to + 1 };
}

interface RowLook {
  texts: string[];
  /** all its cells say the same, as a title that was merged over the table */
  oneText: boolean;
  /** cells that hold figures, years apart */
  figures: number;
  /** by place: whether it names a day */
  days: boolean[];
  longest: number;
  /** it says nothing but periods, as years over months do */
  onlyPeriods: boolean;
  /** a name stands twice, or spans several columns: another row tells them apart */
  repeats: boolean;
}

function lookAt(cells: readonly Cell[]): RowLook {
  const all = cells.map((cell) => cellText(cell).trim());
  const texts = all.filter(Boolean);
  const inner = all.slice(1, all.findLastIndex(Boolean) + 1);
  const named = texts.filter((text) => !isFigureText(text));
  return {
    texts,
    oneText: texts.length > 1 && new Set(texts).size === 1,
    figures: texts.length - named.length,
    days: all.map((text) => periodNamed(text)?.kind === 'date'),
    onlyPeriods: texts.length > 0 && texts.every((text) => periodNamed(text) !== null),
    longest: Math.max(0, ...texts.map((text) => text.length)),
    repeats: new Set(texts).size < texts.length || inner.some((text) => text === ''),
  };
}

/** A figure, not a year or month in digits: they name columns. */
function isFigureText(text: string): boolean {
  if (/^(19|20)\d\d(0[1-9]|1[0-2])?$/.test(text)) return false;
  return readNumber(text, '.') !== null || readNumber(text, ',') !== null;
}

/** Whether a row holds figures, so that it names nothing. */
function isFigures(looks: readonly RowLook[], row: number): boolean {
  const look = looks[row];
  if (!look) return false;
  if (look.figures > 0) {
    const numbers = look.texts.slice(1).map(Number);
    // Columns may be numbered: 1, 2, 3.
    const named = !look.days[0] && !isFigureText(look.texts[0] ?? '');
    return !(named && numbers.length > 2 && numbers.every((number, place) => number === place + 1));
  }
  const next = looks.slice(row + 1).find(({ texts }) => texts.length > 0);
  // A day above a day is a row like the next.
  return look.days.some((isDay, place) => isDay && next?.days[place] === true);
}

/** Whether a step says which rows name the columns. */
export const isHead = (step: { kind: string }): step is HeadStep => step.kind === 'head';
