import { everyOf, type FrameRequest, type Readings } from '../../core/frame';
import type { Database } from '../database';
import { factsColumn, factsTable } from '../sources';
import type { VersionColumns } from './versionColumns';
import { columnNamed, whereOf } from './conditions';
import { daysToEpoch, slice } from './loadColumns';

/** The single readings of a request, found in the database as `singleReadings` finds them in memory. */
export async function readingsIn(
  database: Database,
  version: VersionColumns,
  request: FrameRequest,
): Promise<Readings | null> {
  if (!request.readings || request.column === null) return null;
  const date = factsColumn(columnNamed(version, request.date).place);
  const figure = factsColumn(columnNamed(version, request.column).place);
  const kept = (request.filters ?? []).map((filter) => whereOf(version, filter));
  const where = [`${date} IS NOT NULL`, `${figure} IS NOT NULL`, ...kept.map(({ text }) => text)];
  const values = kept.flatMap((each) => each.values);
  const rows = `FROM ${factsTable(version.versionId)} WHERE ${where.join(' AND ')}`;
  const [counted] = await slice(database, `SELECT COUNT(*) ${rows}`, values);
  const total = Number(counted?.[0] ?? 0);
  const every = everyOf(total);
  const numbered = `SELECT ${date} AS d, ${figure} AS f, ROW_NUMBER() OVER (ORDER BY \`row\`) - 1 AS n ${rows}`;
  const sql = `SELECT TO_DAYS(d) - ${daysToEpoch}, CAST(f AS DOUBLE) FROM (${numbered}) AS kept WHERE n % ${every} = 0 ORDER BY n`;
  const found = await slice(database, sql, values);
  return {
    days: found.map(([day]) => Number(day)),
    figures: found.map(([, reading]) => Number(reading)),
    every,
    total,
  };
}
