import { everyOf, type FrameRequest, type Readings } from '../../../core/frame';
import { fileColumn, rowColumn } from '../../columns';
import { columnNamed } from '../versionColumns';
import { whereOf } from './conditions';
import { dayNumber } from '../../engine';
import type { LargeVersion } from './largeVersion';

/** The single readings of a request, found by the engine as `singleReadings` finds them in memory. */
export async function readingsIn(
  { version, rows, ask }: LargeVersion,
  request: FrameRequest,
): Promise<Readings | null> {
  if (!request.readings || request.column === null) return null;
  const date = fileColumn(columnNamed(version, request.date).place);
  const figure = fileColumn(columnNamed(version, request.column).place);
  const kept = (request.filters ?? []).map((filter) => whereOf(version, filter));
  const where = [`${date} IS NOT NULL`, `${figure} IS NOT NULL`, ...kept.map(({ text }) => text)];
  const values = kept.flatMap((each) => each.values);
  const from = `FROM ${rows} WHERE ${where.join(' AND ')}`;
  const [counted] = await ask(`SELECT COUNT(*) ${from}`, values);
  const total = Number(counted?.[0] ?? 0);
  const every = everyOf(total);
  const numbered = `SELECT ${date} AS d, ${figure} AS f, ROW_NUMBER() OVER (ORDER BY ${rowColumn}) - 1 AS n ${from}`;
  const found = await ask(
    `SELECT ${dayNumber('d')}, CAST(f AS DOUBLE) FROM (${numbered}) AS kept WHERE n % ${every} = 0 ORDER BY n`,
    values,
  );
  return {
    days: found.map(([day]) => Number(day)),
    figures: found.map(([, reading]) => Number(reading)),
    every,
    total,
  };
}
