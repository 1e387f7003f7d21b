/**
 * The rows of a version, as a relation of a statement. Each file has the digits that its own figures
 * need, and may lack columns that came later: together they have room for all.
 * @param files its pieces, by paths that this server has made up
 */
export function relationOf(files: readonly string[]): string {
  const list = files.map((file) => `'${file.replaceAll("'", "''")}'`).join(', ');
  return `read_parquet([${list}]${files.length > 1 ? ', union_by_name = true' : ''})`;
}

/** A day of a statement as the number of days since 1970. */
export const dayNumber = (date: string) => `CAST(${date} - DATE '1970-01-01' AS INTEGER)`;
