import type { SchemaElement } from 'hyparquet';

/** The columns whose moments are kept in UTC: which day they are depends on where one is. */
export const columnsInUtc = (schema: readonly SchemaElement[]): string[] =>
  schema.flatMap(({ name, logical_type: logical, converted_type: converted }) => {
    if (logical?.type === 'TIMESTAMP') return logical.isAdjustedToUTC ? [name] : [];
    // What is written the older way is in UTC always.
    return converted === 'TIMESTAMP_MILLIS' || converted === 'TIMESTAMP_MICROS' ? [name] : [];
  });

/** A record whose moments in UTC say so, as a text with their offset. */
export function withOffsets(
  record: Record<string, unknown>,
  inUtc: readonly string[],
): Record<string, unknown> {
  const texts = inUtc.flatMap((name) => {
    const moment = record[name];
    return moment instanceof Date && !Number.isNaN(moment.getTime())
      ? [[name, moment.toISOString().replace(/\.\d+Z$/, 'Z')]]
      : [];
  });
  return texts.length > 0 ? { ...record, ...Object.fromEntries(texts) } : record;
}
