import { boolean, mixed, number, object, string } from 'yup';
import { monthNamed, twoDigits } from '../../calendar';
import { cellText, isBlank } from '../../table';
import { ProblemError } from '../../values';
import {
  freshName,
  placeOf,
  type PreparationContext,
  type Sheet,
  type StepBase,
  type StepKind,
} from '../step';

const parts = ['month', 'quarter', 'week'] as const;
type Part = (typeof parts)[number];

/** Puts a date together from a year and a month, quarter or week. */
export interface ComposeStep extends StepBase {
  kind: 'compose';
  /** the new column */
  name: string;
  /** the column with the year; null when it is the same for all rows */
  yearColumn: string | null;
  /** the year of all rows, where somebody has typed it; null: what the title, sheet or file says */
  year: number | null;
  part: Part;
  partColumn: string;
  /** the column with the day of the month; null for the period's first day */
  dayColumn: string | null;
}

export const compose: StepKind<ComposeStep> = {
  kind: 'compose',
  name: 'Put a date together',
  schema: () =>
    object({
      id: string().required(),
      kind: string<'compose'>().oneOf(['compose']).required(),
      off: boolean(),
      name: string().trim().required().max(190),
      yearColumn: string().max(200).nullable().defined().default(null),
      year: number().integer().min(1).max(9999).nullable().defined().default(null),
      part: mixed<Part>().oneOf(parts).required(),
      partColumn: string().required().max(200),
      dayColumn: string().max(200).nullable().defined().default(null),
    }),
  draft(columns) {
    const part = parts.find((each) => columns.some((name) => columnNames[each].test(name)));
    const named = part && columns.find((name) => columnNames[part].test(name));
    return {
      name: freshName('Date', columns),
      yearColumn: columns.find((name) => yearName.test(name)) ?? null,
      year: null,
      part: part ?? 'month',
      partColumn: named ?? columns[0] ?? '',
      dayColumn: null,
    };
  },
  say: ({ name, yearColumn, year, part, partColumn, dayColumn }) => [
    'Put ',
    { field: 'name', text: `“${name}”`, choose: { as: 'text' } },
    ' together from the year ',
    {
      field: 'yearColumn',
      text: yearColumn === null ? String(year ?? 'that the file says') : `in “${yearColumn}”`,
      choose: { as: 'column' },
      instead: { field: 'year', choose: { as: 'number' } },
    },
    ' and the ',
    {
      field: 'part',
      text: part,
      choose: { as: 'one', of: parts.map((each) => ({ value: each, label: each })) },
    },
    ' in ',
    { field: 'partColumn', text: `“${partColumn}”`, choose: { as: 'column' } },
    ...(dayColumn === null
      ? []
      : ([
          ' and the day in ',
          { field: 'dayColumn', text: `“${dayColumn}”`, choose: { as: 'column' } },
        ] as const)),
  ],
  begin(step, columns, context) {
    const told = step.yearColumn === null ? (step.year ?? yearAbove(context)) : null;
    if (step.yearColumn === null && told === null) throw noYear();
    const at = {
      year: step.yearColumn === null ? -1 : placeOf(columns, step.yearColumn),
      part: placeOf(columns, step.partColumn),
      day: step.dayColumn === null ? -1 : placeOf(columns, step.dayColumn),
    };
    return {
      columns: [step.name, ...columns],
      push: ({ number: row, cells }, emit) => {
        const year = at.year < 0 ? String(told) : cellText(cells[at.year] ?? '');
        const day = at.day < 0 ? null : cellText(cells[at.day] ?? '');
        const date = written(year.trim(), step.part, cellText(cells[at.part] ?? '').trim(), day);
        emit({ number: row, cells: [date, ...cells] });
      },
      remark: () => (told !== null && step.year === null ? `The year is ${told}.` : null),
    };
  },
  suggest: suggestCompose,
  covers: (kept, suggested) =>
    kept.yearColumn === suggested.yearColumn &&
    kept.part === suggested.part &&
    kept.partColumn === suggested.partColumn &&
    kept.dayColumn === suggested.dayColumn,
  revises(kept, context) {
    const told = kept.yearColumn === null ? yearAbove(context) : null;
    if (told === null || kept.year === null || kept.year === told) return null;
    const why = `The title, sheet or name of this file says ${told}, the sentence ${kept.year}`;
    return { step: { ...kept, year: null }, why };
  },
};

const noYear = () =>
  new ProblemError({
    code: 'column-missing',
    sentence:
      'Neither a title above the table nor the name of the sheet or file says one year. Write it into this sentence.',
  });

/** A date that a later reading understands; what does not fit stays as it is, to be seen as doubtful. */
function written(year: string, part: Part, text: string, day: string | null): string {
  const digits = /^(?:FY ?)?(\d{4})(?:\.0)?$/i.exec(year)?.[1];
  const place = placeIn(part, text);
  if (year === '' || text === '') return '';
  if (digits === undefined || place === null) return `${year} ${text}`;
  if (part === 'quarter') return `${digits}-Q${place}`;
  if (part === 'week') return `${digits}-W${twoDigits(place)}`;
  const month = `${digits}-${twoDigits(place)}`;
  return day === null ? month : `${month}-${twoDigits(Number(day))}`;
}

/** “Q3” and “KW 12”: letters stand before the number of a quarter or week; Q3 is no month. */
const lettered = /^(?:[A-Za-z]+ ?)?(\d{1,2})(?:\.0)?$/;
const bare = /^(\d{1,2})(?:\.0)?$/;

function placeIn(part: Part, text: string): number | null {
  const named = part === 'month' ? monthNamed(text) : null;
  if (named !== null) return named;
  const digits = (part === 'month' ? bare : lettered).exec(text)?.[1];
  const most = { month: 12, quarter: 4, week: 53 }[part];
  const place = Number(digits ?? NaN);
  return place >= 1 && place <= most ? place : null;
}

const columnNames: Record<Part, RegExp> = {
  month: /^(month|monat|mois|mes|maand|mese|m)$/i,
  quarter: /^(quarter|quartal|trimestre|qtr|kwartaal|q)$/i,
  week: /^(week|woche|kw|semaine|semana|iso week|wk)$/i,
};
const yearName = /^(calendar )?(year|jahr|ann[ée]e|año|anno|jaar|yr)$/i;
const dayName = /^(day|tag|jour|día|dag|day of month)$/i;

/** A year beside a month, quarter or week; or months without a year where the file names one. */
function suggestCompose(
  { columns, rows }: Sheet,
  context: PreparationContext,
): Omit<ComposeStep, 'id' | 'kind'>[] {
  const fits = (name: string, fit: (text: string) => boolean) => {
    const texts = rows
      .map((cells) => cellText(cells[columns.indexOf(name)] ?? '').trim())
      .filter((text) => !isBlank(text));
    return texts.length > 0 && texts.every(fit);
  };
  const part = parts.find((each) =>
    columns.some(
      (name) => columnNames[each].test(name) && fits(name, (text) => placeIn(each, text) !== null),
    ),
  );
  if (part === undefined) return [];
  const partColumn = columns.find((name) => columnNames[part].test(name)) as string;
  const yearColumn =
    columns.find(
      (name) => yearName.test(name) && fits(name, (text) => /^(19|20)\d\d$/.test(text)),
    ) ?? null;
  if (yearColumn === null && yearAbove(context) === null) return [];
  const dayColumn =
    part === 'month'
      ? (columns.find(
          (name) =>
            dayName.test(name) && fits(name, (text) => Number(text) >= 1 && Number(text) <= 31),
        ) ?? null)
      : null;
  return [
    { name: freshName('Date', columns), yearColumn, year: null, part, partColumn, dayColumn },
  ];
}

/** The one year that a title above the table names, or else the name of the file or sheet. */
function yearAbove({ firstRows, title = '' }: PreparationContext): number | null {
  const rows = firstRows.slice(0, 8).map((cells) => [...new Set(cells.map(cellText))]);
  const titles = rows.map((texts) => texts.filter(Boolean)).filter((texts) => texts.length <= 2);
  for (const texts of [titles.flat(), [title]]) {
    const years = new Set(texts.flatMap((text) => text.match(/(?<!\d)(19|20)\d\d(?!\d)/g) ?? []));
    const [only] = years;
    if (years.size === 1) return Number(only);
  }
  return null;
}
