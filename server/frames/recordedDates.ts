import { parseDay } from '../../core/calendar';
import type { ChartDefinition } from '../../core/chart';
import { mostRecorded, type RecordedDate, type RecordedDates } from '../../core/yardsticks';
import type { Database } from '../database';
import { factsColumn, factsTable, rowsAsText } from '../sources';
import type { VersionColumns } from './versionColumns';
import { columnNamed } from './conditions';
import { versionColumns } from './versions';

/**
 * The dates that yardsticks take from sources, by yardstick; none where the source or its column is
 * gone.
 * @param versions those that the chart's sources stand on, by source
 */
export async function recordedDates(
  database: Database,
  { yardsticks }: Pick<ChartDefinition, 'yardsticks'>,
  versions: ReadonlyMap<number, number | null>,
): Promise<RecordedDates> {
  const found: Record<string, RecordedDate[]> = {};
  for (const yardstick of yardsticks) {
    if (yardstick.kind !== 'recorded' || yardstick.sourceId === null) continue;
    const versionId = versions.get(yardstick.sourceId);
    const version = versionId ? await versionColumns(database, versionId) : null;
    if (version) found[yardstick.id] = await datesOf(database, version, yardstick);
  }
  return found;
}

/** Each date of a column once, with the name that its first row gives it. */
async function datesOf(
  database: Database,
  version: VersionColumns,
  { date, label }: { date: string; label: string },
): Promise<RecordedDate[]> {
  const { place, stored } = columnNamed(version, date);
  if (stored?.kind !== 'date') return [];
  const [column, facts] = [factsColumn(place), factsTable(version.versionId)];
  const firsts = `SELECT MIN(\`row\`) FROM ${facts} WHERE ${column} IS NOT NULL GROUP BY ${column}`;
  const rows = await rowsAsText(
    database,
    version,
    `SELECT * FROM ${facts} WHERE \`row\` IN (${firsts}) ORDER BY ${column} LIMIT ${mostRecorded}`,
  );
  const named = columnNamed(version, label).place;
  return rows.flatMap((row) => {
    const day = parseDay((row[place] ?? '').slice(0, 10));
    return day === null ? [] : [{ day, name: row[named] ?? '' }];
  });
}
