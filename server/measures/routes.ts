import { and, eq, isNull } from 'drizzle-orm';
import { Router } from 'express';
import { measureBody, measureChangeBody } from '../../contract';
import { isProblem, readFormula, renamedIn } from '../../core/formula';
import { type Measure, type MeasureDefinition, operandsOf, usesItself } from '../../core/measures';
import { type Database, inTransaction, type Queries, tables } from '../database';
import { changedMeanwhile, notFound, readBody, readId, Refusal } from '../http';
import { audited, requirePerson } from '../people';
import { countOf, onlyRow, requireRoom } from '../quotas';
import { inUse, requireOwnSource, requireSource } from '../sources';
import { listMeasures, measuresOf } from './measureAccess';

const { measures } = tables;

/** Naming the measures of a source. Only whose source it is may change them; who draws from it reads. */
export function measureRoutes(database: Database): Router {
  const router = Router();
  const removed = audited(database, { act: 'removal', thing: 'measure' });
  const restored = audited(database, { act: 'restore', thing: 'measure' });

  router.get('/sources/:id/measures', async (request, response) => {
    const person = await requirePerson(database, request);
    const source = await requireSource(database, person, readId(request));
    response.json(await listMeasures(database, person, source.id));
  });

  router.post('/sources/:id/measures', async (request, response) => {
    const person = await requirePerson(database, request);
    const source = await requireOwnSource(database, person, readId(request));
    const { name, definition } = readBody(request, measureBody);
    const made = { id: 0, sourceId: source.id, name, definition: definition as MeasureDefinition };
    const id = await inTransaction(database, async (change) => {
      const all = await lockedMeasures(change, source.id);
      check(made, all);
      const counted = await change
        .select(countOf(measures.deletedAt))
        .from(measures)
        .where(eq(measures.sourceId, source.id));
      requireRoom('measures', onlyRow(counted));
      const [{ insertId }] = await change.insert(measures).values({
        sourceId: source.id,
        name,
        definition: made.definition,
      });
      return insertId;
    });
    response.status(201).json({ id });
  });

  router.put('/measures/:id', async (request, response) => {
    const person = await requirePerson(database, request);
    const kept = await requireMeasure(database, readId(request));
    await requireOwnSource(database, person, kept.sourceId);
    const { name, definition, revision } = readBody(request, measureChangeBody);
    await inTransaction(database, async (change) => {
      const all = await lockedMeasures(change, kept.sourceId);
      const before = all.find(({ id }) => id === kept.id);
      if (!before) throw notFound('measure');
      if (before.revision !== revision) throw changedMeanwhile('measure', before);
      const next = { ...before, name, definition: definition as MeasureDefinition };
      check(next, all);
      await keep(change, next, revision);
      // Formulas that name it follow its new name.
      for (const other of all.filter(({ id }) => id !== kept.id && before.name !== name)) {
        if (other.definition.kind !== 'formula') continue;
        const text = renamedIn(other.definition.text, before.name, name);
        if (text !== other.definition.text)
          await keep(change, { ...other, definition: { kind: 'formula', text } }, other.revision);
      }
    });
    response.json({ revision: revision + 1 });
  });

  router.delete('/measures/:id', removed, async (request, response) => {
    const person = await requirePerson(database, request);
    const kept = await requireMeasure(database, readId(request));
    await requireOwnSource(database, person, kept.sourceId);
    await inTransaction(database, async (change) => {
      await lockedMeasures(change, kept.sourceId);
      const listed = await listMeasures(change, person, kept.sourceId);
      const own = listed.find(({ id }) => id === kept.id);
      const used = (own?.charts.length ?? 0) + (own?.otherCharts ?? 0);
      if (used > 0) throw inUse('measure', kept.name, own?.charts ?? [], own?.otherCharts ?? 0);
      const workedOut = listed.filter((each) =>
        operandsOf(each, listed).some(({ id }) => id === kept.id),
      );
      if (workedOut.length > 0) throw operandInUse(kept.name, workedOut);
      await change.update(measures).set({ deletedAt: new Date() }).where(eq(measures.id, kept.id));
    });
    response.json({ restorable: true });
  });

  router.post('/measures/:id/restore', restored, async (request, response) => {
    const person = await requirePerson(database, request);
    const kept = await requireMeasure(database, readId(request), true);
    await requireOwnSource(database, person, kept.sourceId);
    await inTransaction(database, async (change) => {
      // Meanwhile another may have been named alike, or what it is worked out from removed.
      check(kept, await lockedMeasures(change, kept.sourceId));
      await change.update(measures).set({ deletedAt: null }).where(eq(measures.id, kept.id));
    });
    response.json({ id: kept.id });
  });

  return router;
}

function operandInUse(name: string, workedOut: readonly Measure[]): Refusal {
  const names = workedOut.map((each) => `“${each.name}”`).join(', ');
  const sentence = `${names} ${workedOut.length === 1 ? 'is' : 'are'} worked out from ${name}. Change ${workedOut.length === 1 ? 'it' : 'them'} first.`;
  return new Refusal(422, { code: 'measure-in-use', sentence });
}

/** Those of a source, locked: two people who name measures at once take turns. */
async function lockedMeasures(change: Queries, sourceId: number) {
  await change.select().from(tables.sources).where(eq(tables.sources.id, sourceId)).for('update');
  return measuresOf(change, [sourceId]);
}

async function requireMeasure(queries: Queries, id: number, removed = false) {
  const [found] = await queries
    .select()
    .from(measures)
    .where(removed ? eq(measures.id, id) : and(eq(measures.id, id), isNull(measures.deletedAt)));
  if (!found) throw notFound('measure');
  return found;
}

async function keep(change: Queries, { id, name, definition }: Measure, revision: number) {
  await change
    .update(measures)
    .set({ name, definition, revision: revision + 1 })
    .where(eq(measures.id, id));
}

/**
 * Checks that a measure can stand among the others of its source.
 * @throws Refusal 422
 */
function check(measure: Measure, all: readonly Measure[]) {
  const others = all.filter(({ id }) => id !== measure.id);
  const refuse = (sentence: string, field: string) => {
    throw new Refusal(422, { code: 'measure', sentence, place: { field } });
  };
  if (others.some(({ name }) => name.toLowerCase() === measure.name.toLowerCase()))
    refuse(`There is a measure called “${measure.name}” already. Choose another name.`, 'name');
  if (measure.definition.kind !== 'formula') return;
  const read = readFormula(
    measure.definition.text,
    others.map(({ name }) => name),
  );
  if (isProblem(read)) refuse(read.sentence, 'formula');
  const among = [...others, measure];
  if (usesItself(measure, among))
    refuse(`“${measure.name}” would be worked out from itself.`, 'formula');
}
