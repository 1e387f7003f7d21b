import { and, eq } from 'drizzle-orm';
import { type Day, dayInZone, parseDay } from '../core/calendar';
import { type ChartDefinition, plainLinking } from '../core/chart';
import {
  boardCharts,
  boardNotes,
  type DemoFile,
  demoMeasures,
  ferryFiles,
  markCharts,
  wayCharts,
} from '../demo';
import { type Database, inTransaction, openDatabase, tables } from './database';
import { deliverFile } from './deliveries';
import { createAccount, demoPeople } from './people';
import { noteSources, sweepUnfinished } from './sources';
import { forgetHalfSent, keepLatest, keepUpload } from './uploads';

/*
 * Fills the demo in, once. Each step can be killed and run again: people are known by their address,
 * sources by their name, and the board comes in one transaction with the word that all is there.
 */
const { access, charts, dashboards, demoSteps, measures, notes, people, sources } = tables;

/** The demo's boards, each filled in once; one that a later version brings comes to those there are. */
const boards = [
  {
    name: 'board',
    title: 'Pellow Isles Ferries, monthly board',
    charts: boardCharts,
    notes: boardNotes,
  },
  {
    name: 'ways',
    title: 'Pellow Isles Ferries, the same figures in other ways',
    charts: wayCharts,
    notes: () => [],
  },
  {
    name: 'marks',
    title: 'Pellow Isles Ferries, against the mark',
    charts: markCharts,
    notes: () => [],
  },
];

async function fillDemo(database: Database) {
  const filled = await database.select().from(demoSteps);
  const missing = boards.filter((board) => filled.every(({ name }) => name !== board.name));
  if (missing.length === 0) return;
  console.log('stand mark: filling in the demo');
  const asOf = parseDay(process.env.STAND_MARK_TODAY ?? '') ?? dayInZone(new Date(), 'UTC');
  const author = await ensurePerson(database, demoPeople.author);
  const reader = await ensurePerson(database, demoPeople.reader);
  // A fill that was killed may have left a file that nothing came of, or half of one.
  await keepLatest(database, { id: author }, 0);
  await forgetHalfSent(database, { id: author });
  const sourceIds: Record<string, number> = {};
  for (const file of ferryFiles(asOf))
    sourceIds[file.source] = await ensureSource(database, author, file);
  const measureIds = await ensureMeasures(database, sourceIds.Sailings ?? 0);
  for (const board of missing)
    await fillBoard(database, board, { asOf, author, reader, sourceIds, measureIds });
}

interface Filling {
  asOf: Day;
  author: number;
  reader: number;
  sourceIds: Record<string, number>;
  measureIds: Record<string, number>;
}

async function fillBoard(
  database: Database,
  board: (typeof boards)[number],
  { asOf, author, reader, sourceIds, measureIds }: Filling,
) {
  await inTransaction(database, async (change) => {
    await change.insert(demoSteps).values({ name: board.name });
    const values = { title: board.title, zone: 'UTC', changedAt: new Date() };
    const [{ insertId: dashboardId }] = await change.insert(dashboards).values(values);
    await change.insert(access).values([
      { dashboardId, personId: author, role: 'owner', givenAt: new Date() },
      { dashboardId, personId: reader, role: 'reader', givenAt: new Date() },
    ]);
    const chartIds = new Map<string, number>();
    const drawn = board.charts(sourceIds, measureIds);
    for (const { definition, place } of drawn) {
      const [{ insertId }] = await change.insert(charts).values({ dashboardId, definition, place });
      await noteSources(change, insertId, definition);
      chartIds.set(definition.title, insertId);
    }
    for (const { definition, beside } of drawn) {
      const [own, other] = [chartIds.get(definition.title), chartIds.get(beside ?? '')];
      if (own && other)
        await change
          .update(charts)
          .set({ definition: withPeek(definition, other) })
          .where(eq(charts.id, own));
    }
    const written = board.notes(asOf);
    for (const [place, { chart, ...note }] of written.entries()) {
      const ids = { dashboardId, chartId: chartIds.get(chart) ?? 0, number: place + 1 };
      await change
        .insert(notes)
        .values({ ...note, ...ids, authorId: author, writtenAt: new Date() });
    }
    await change
      .update(dashboards)
      .set({ lastNote: written.length })
      .where(eq(dashboards.id, dashboardId));
  });
}

const withPeek = (definition: ChartDefinition, chart: number): ChartDefinition => ({
  ...definition,
  linking: {
    ...(definition.linking ?? plainLinking),
    peek: { chart, size: 'medium', shows: 'pointed' },
  },
});

async function ensurePerson(
  database: Database,
  person: { email: string; name: string; password: string },
): Promise<number> {
  const [found] = await database.select().from(people).where(eq(people.email, person.email));
  return found?.id ?? (await createAccount(database, person)) ?? 0;
}

/** Names the measures of the sailings, those that are not there yet. */
async function ensureMeasures(database: Database, sourceId: number) {
  const known = await database.select().from(measures).where(eq(measures.sourceId, sourceId));
  const ids: Record<string, number> = {};
  for (const { name, definition } of demoMeasures) {
    const found = known.find((each) => each.name === name);
    const made = found
      ? null
      : await database.insert(measures).values({ sourceId, name, definition });
    ids[name] = found?.id ?? made?.[0].insertId ?? 0;
  }
  return ids;
}

async function ensureSource(database: Database, ownerId: number, file: DemoFile): Promise<number> {
  const same = and(eq(sources.ownerId, ownerId), eq(sources.name, file.source));
  const [found] = await database.select().from(sources).where(same);
  if (found) return found.id;
  const content = Buffer.from(file.content);
  const open = async function* () {
    yield content;
  };
  const owner = { id: ownerId, ...demoPeople.author };
  const { id: uploadId } = await keepUpload(database, owner, file.fileName, open());
  return deliverFile(
    database,
    { ownerId, name: file.source },
    {
      file: { name: file.fileName, open },
      uploadId,
      form: { steps: file.steps },
      lookups: new Map(),
      understood: null,
    },
  );
}

const database = openDatabase();
// A fill that was killed may have left a version half stored.
await sweepUnfinished(database);
await fillDemo(database);
await database.$client.end();
