import { eq } from 'drizzle-orm';
import { openDatabase, tables } from './database';
import { oldTables } from './takeOver';

/*
 * Drops the tables in which versions kept their rows before; asked for by hand, once all that was taken
 * over is seen to be there.
 */

const { sourceVersions } = tables;

const database = openDatabase(2);
const left = await database
  .select({ id: sourceVersions.id })
  .from(sourceVersions)
  .where(eq(sourceVersions.format, 0));
const kept = new Set(left.flatMap(({ id }) => [`facts_${id}`, `words_${id}`]));
const gone = (await oldTables(database)).filter((name) => !kept.has(name));
for (const name of gone) await database.$client.query(`DROP TABLE IF EXISTS ${name}`);
console.log(`stand mark: ${gone.length} tables are dropped, ${kept.size} are still needed`);
await database.$client.end();
