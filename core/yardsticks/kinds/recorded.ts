import { between, columnOf, either, nullable, said, Sentence, storedName } from '../../sentences';
import { mixed, object, string } from 'yup';
import { figure } from '../../values';
import { nothingFound, type YardstickKind } from './kind';

/** A date line at each date of a source's column, named by another of its columns. */
export interface RecordedDefinition {
  id: string;
  kind: 'recorded';
  name: string;
  /** null: none is chosen yet */
  sourceId: number | null;
  date: string;
  /** empty: the lines have no names of their own */
  label: string;
}

/** A date of a source, and what it is called there. */
export interface RecordedDate {
  day: number;
  name: string;
}

/** A column that may not be chosen yet. */
const unchosen = either<'', string>(
  said('', 'no column'),
  (name): name is '' => name === '',
  columnOf('date'),
);

/** More dates than these of one yardstick are not drawn. */
export const mostRecorded = 200;

export const recorded: YardstickKind<RecordedDefinition> = {
  kind: 'recorded',
  drawnAs: 'dates',
  sentence: Sentence.of<RecordedDefinition>({ kind: 'recorded' })
    .words('a line on each date of ')
    .slot('date', unchosen)
    .words(' in ')
    .slot('sourceId', nullable('no source', storedName('source')))
    .option('label', '', between('named by ', columnOf('text'))),
  schema: () =>
    object({
      id: string().required().max(40),
      kind: mixed<'recorded'>().oneOf(['recorded']).required(),
      name: string().required().trim().min(1).max(120),
      sourceId: figure().integer().positive().nullable().defined(),
      date: string().defined().max(200),
      label: string().defined().max(200),
    }),
  drafts: ({ names: { source = [] } }) =>
    source.flatMap(({ id, date = '', columns = [] }) =>
      date === ''
        ? []
        : [
            {
              kind: 'recorded',
              sourceId: Number(id),
              date,
              label: columns.find(({ kind }) => kind === 'text')?.name ?? '',
            },
          ],
    ),
  named: ({ date }) => date || 'Dates',
  find: ({ id }, { recorded: known = {} }) => {
    const found = known[id] ?? [];
    return {
      ...nothingFound,
      scope: found.length >= mostRecorded ? `the first ${mostRecorded} dates` : '',
      days: found.map(({ day }) => day),
      names: found.map(({ name }) => name),
    };
  },
};
