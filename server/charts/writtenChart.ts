import { eq, inArray } from 'drizzle-orm';
import type { Person, WrittenChart } from '../../contract';
import { parseDay } from '../../core/calendar';
import type { ChartDefinition } from '../../core/chart';
import { measureOf } from '../../core/origins';
import { readNotes, type chartOf } from '../dashboards';
import { type Database, type Queries, tables } from '../database';
import { Refusal } from '../http';
import { measuresOf } from '../measures';
import { keepNotes } from '../notes';
import { sourcesNamed, sourcesOf } from '../sources';
import { drawnElsewhere } from './drawnElsewhere';

const { charts, notes, sources } = tables;

/** Writes a chart out, with the names of what it draws from and its notes. */
export async function writeChart(
  database: Database,
  { id, definition }: Pick<ReturnType<typeof chartOf>, 'id' | 'definition'>,
): Promise<WrittenChart> {
  const ids = sourcesOf(definition);
  const drawn = await database
    .select({ id: sources.id, name: sources.name })
    .from(sources)
    .where(inArray(sources.id, [0, ...ids]));
  const used = definition.series.flatMap(({ figures }) => measureOf(figures)?.measureId ?? []);
  const measures = (await measuresOf(database, ids)).filter((each) => used.includes(each.id));
  const written = await readNotes(database, eq(notes.chartId, id));
  return {
    kind: 'stand-mark-chart',
    version: 1,
    definition,
    sources: drawn,
    measures: measures.map(({ id: measureId, name }) => ({ id: measureId, name })),
    notes: written.reverse().map(({ day, until, series, text, colour, author, writtenAt }) => ({
      day,
      until,
      series,
      text,
      colour,
      author,
      writtenAt,
    })),
  };
}

/**
 * Reads a written chart in, as a new one of a dashboard, not placed yet; within a transaction.
 * @returns its id
 * @throws Refusal 422 that names a source or measure which the person does not have
 */
export async function readInChart(
  change: Queries,
  person: Person,
  dashboardId: number,
  written: WrittenChart,
): Promise<{ id: number; definition: ChartDefinition }> {
  const definition = await drawnHere(change, person, dashboardId, written);
  const [{ insertId: chartId }] = await change.insert(charts).values({ dashboardId, definition });
  await keepNotes(
    change,
    dashboardId,
    written.notes.map(({ author, writtenAt, text, ...note }) => ({
      ...note,
      chartId,
      authorId: person.id,
      writtenAt: momentOf(writtenAt),
      // Who reads it in answers for it; whose words they are is kept.
      text: author === person.name ? text : withAuthor(text, author),
    })),
  );
  return { id: chartId, definition };
}

const longestNote = 2000;
const withAuthor = (text: string, author: string) => {
  const said = ` (${author})`;
  return `${text.slice(0, longestNote - said.length)}${said}`;
};

/** When it was written, if that can be read and lies behind us; now otherwise. */
function momentOf(text: string): Date {
  const moment = new Date(text);
  const isPast = parseDay(text.slice(0, 10)) !== null && moment.getTime() <= Date.now();
  return isPast ? moment : new Date();
}

/** The definition, drawing from what the person has here under the same names. */
async function drawnHere(
  queries: Queries,
  person: Person,
  dashboardId: number,
  written: WrittenChart,
): Promise<ChartDefinition> {
  const definition = written.definition as ChartDefinition;
  const names = written.sources.map(({ name }) => name);
  const here = await sourcesNamed(queries, person, names);
  const sourceHere = (id: number) => {
    const name = written.sources.find((each) => each.id === id)?.name;
    const same = here.filter((each) => each.name === name);
    const found = same.find((each) => each.id === id) ?? same[0];
    if (found) return found.id;
    const sentence = `The chart draws from the source “${name ?? id}”, which you do not have. Bring it in under that name first.`;
    throw new Refusal(422, { code: 'source-missing', sentence });
  };
  return drawnElsewhere(queries, dashboardId, definition, {
    sourceIds: new Map(sourcesOf(definition).map((id) => [id, sourceHere(id)])),
    measureName: (measureId) => written.measures.find(({ id }) => id === measureId)?.name,
  });
}
