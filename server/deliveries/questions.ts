import {
  type FileChoices,
  type FileForm,
  formNames,
  type Notice,
  type Question,
  type WholeForm,
} from '../../contract';
import { namesOffset } from '../../core/calendar';
import type { Proposal } from '../../core/preparation';
import {
  type Cell,
  type ColumnUnderstanding,
  dateQuestion,
  doubleReadings,
  lacksFiscalStart,
} from '../../core/table';
import type { Chosen } from '../forms';

/** What only a person can answer, and what they are shown of how figures and times are read. */
export function questionsOf(
  form: WholeForm,
  answered: readonly ColumnUnderstanding[],
  open: readonly Question[],
  cellsOf: (name: string) => Cell[],
) {
  const dates = form.columns.filter(({ kind }) => kind === 'date');
  const unanswered = dates.filter(({ name }) => answered.every((column) => column.name !== name));
  const orders = unanswered.flatMap((column) => {
    const question = dateQuestion(column, cellsOf(column.name));
    return question ? [{ kind: 'dateOrder' as const, ...question }] : [];
  });
  const fiscal = dates.filter(lacksFiscalStart).map(({ name }) => ({
    kind: 'fiscalStart' as const,
    column: name,
    examples: cellsOf(name).slice(0, 2).map(String),
  }));
  return {
    questions: [...open, ...orders, ...fiscal],
    doubleReadings: form.columns.flatMap(({ name, kind }) => {
      const examples = kind === 'number' ? doubleReadings(cellsOf(name)) : [];
      return examples.length > 0 ? [{ column: name, examples }] : [];
    }),
    zoned: dates.some(({ name }) =>
      cellsOf(name).some((cell) => typeof cell === 'string' && namesOffset(cell)),
    ),
  };
}

/** What is read otherwise than of the file before, and what has to be decided because of it. */
export function partOf(
  before: FileForm['file'],
  { choices, parts, lacks = null }: Chosen<FileChoices>,
): { notices: Notice[]; questions: Question[] } {
  const now = formNames[choices.kind];
  if (before && before.kind !== choices.kind)
    return {
      notices: [{ sentence: `The file before was ${formNames[before.kind]}; this one is ${now}.` }],
      questions: [],
    };
  if (lacks === null) return { notices: [], questions: [] };
  if (parts.length > 1) return { notices: [], questions: [{ kind: 'part', wanted: lacks, parts }] };
  const [only = ''] = parts;
  return {
    notices: [{ sentence: `There is no “${lacks}” in this file: “${only}” is read in its place.` }],
    questions: [],
  };
}

export const proposed = (proposals: readonly Proposal[]): Question[] =>
  proposals.map((proposal) => ({ kind: 'proposal', proposal }));
