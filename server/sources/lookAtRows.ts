import { type Profile, Profiler, profileLimits } from '../../core/table';
import { cutText } from '../../core/values';
import { fileColumn, rowColumn } from '../columns';
import type { Database, StoredColumn } from '../database';
import { dayNumber, EngineMissing, type EngineRow, engines, relationOf } from '../engine';
import { filesOf, isLarge, type ReadableVersion } from './readColumns';
import { readRows } from './versionRows';

/** Says of rows that are stored what they hold, by column. */
export async function lookAtRows(database: Database, version: ReadableVersion): Promise<Profile[]> {
  if (isLarge(version)) {
    try {
      return await lookByEngine(relationOf(await filesOf(database, version)), version);
    } catch (error) {
      // It takes longer, and comes to the same.
      if (!(error instanceof EngineMissing)) throw error;
    }
  }
  const profilers = version.columns.map(({ kind }) => new Profiler(kind));
  for await (const batch of readRows(database, version))
    for (const cells of batch)
      profilers.forEach((profiler, place) => profiler.add(cells[place] ?? null));
  return profilers.map((profiler) => profiler.finish());
}

const { distinct: mostDistinct, bins: mostBins, common: mostCommon } = profileLimits;

async function lookByEngine(rows: string, { rows: count, columns }: ReadableVersion) {
  const ask = (sql: string, values: readonly number[] = []): Promise<EngineRow[]> =>
    engines.run({ kind: 'ask', sql, values });
  const asked = columns.map((column, place) => askedOf(column, fileColumn(place)));
  const [totals = []] = await ask(
    `SELECT ${asked.map(({ name, size }) => `COUNT(${name}), MIN(${size}), MAX(${size})`).join(', ')} FROM ${rows}`,
  );
  const found: Profile[] = [];
  for (const [place, { name, size, kind, decimals }] of asked.entries()) {
    const [there, least, greatest] = totals.slice(3 * place, 3 * place + 3) as number[];
    const some = `SELECT DISTINCT ${name} FROM ${rows} WHERE ${name} IS NOT NULL LIMIT ${mostDistinct}`;
    const [[distinct] = [0]] = await ask(`SELECT COUNT(*) FROM (${some})`);
    const isRanged = kind !== 'text' && (there ?? 0) > 0;
    const range: Profile['range'] = isRanged ? [least ?? 0, greatest ?? 0] : null;
    const common =
      kind === 'text'
        ? await ask(
            `SELECT ${name}, COUNT(*) FROM ${rows} WHERE ${name} IN (${some}) GROUP BY ${name} ORDER BY COUNT(*) DESC, MIN(${rowColumn}) LIMIT ${mostCommon}`,
          )
        : [];
    found.push({
      blank: count - (there ?? 0),
      distinct: Number(distinct),
      decimals,
      largest: kind === 'number' ? Math.max(...(range ?? [0]).map(Math.abs)) : 0,
      range,
      bins: range ? await binned(size, range) : [],
      common: common.map(([word, times]) => ({
        word: cutText(String(word), 80),
        count: Number(times),
      })),
    });
  }
  return found;

  async function binned(size: string, [least, greatest]: readonly [number, number]) {
    if (least === greatest) return [count];
    const place = `LEAST(${mostBins - 1}, FLOOR((${size} - $1) / $2 * ${mostBins}))`;
    const bins = Array<number>(mostBins).fill(0);
    const counted = await ask(
      `SELECT ${place}, COUNT(*) FROM ${rows} WHERE ${size} IS NOT NULL GROUP BY 1`,
      [least, greatest - least],
    );
    for (const [bin, times] of counted) bins[Number(bin)] = Number(times);
    return bins;
  }
}

/** What is asked of a column: itself, and its cells by size. */
function askedOf({ kind, decimals }: StoredColumn, name: string) {
  const size = { date: dayNumber(name), number: `CAST(${name} AS DOUBLE)`, text: 'NULL::INTEGER' };
  return { kind, decimals, name, size: size[kind] };
}
