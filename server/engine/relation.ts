/**
 * The rows of a version, as a relation of a statement.
 * @param files its pieces, by paths that this server has made up
 */
export const relationOf = (files: readonly string[]): string =>
  `read_parquet([${files.map((file) => `'${file.replaceAll("'", "''")}'`).join(', ')}])`;
