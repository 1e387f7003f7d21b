import { parquetMetadataAsync, parquetReadObjects } from 'hyparquet';
import { compressors } from 'hyparquet-compressors';
import { ProblemError } from '../../core/values';
import { settings } from '../settings';
import { type FormReader, inBatches, type RowBatches } from './form';
import { columnsInUtc, withOffsets } from './moments';
import { fieldNames, recordRows } from './records';
import { wholeFile } from './wholeFile';

const magic = Buffer.from('PAR1');

/** Columns as data programs keep them, with their types. */
export const parquet: FormReader<'parquet'> = {
  kind: 'parquet',
  recognises: (start) => start.subarray(0, 4).equals(magic),
  choose: async () => ({ choices: { kind: 'parquet' }, parts: [] }),
  async *rows(file): RowBatches {
    const content = await wholeFile(file);
    const bytes = new Uint8Array(content).buffer;
    try {
      const metadata = await parquetMetadataAsync(bytes);
      const inUtc = columnsInUtc(metadata.schema);
      const rows = Number(metadata.num_rows);
      if (rows > settings.rowsOfVersion) throw tooManyRows();
      let names: string[] | null = null;
      let from = 0;
      for (const group of metadata.row_groups) {
        const to = from + Number(group.num_rows);
        const slice = { file: bytes, metadata, compressors, rowStart: from, rowEnd: to };
        const found = await parquetReadObjects(slice);
        const records = inUtc.length > 0 ? found.map((each) => withOffsets(each, inUtc)) : found;
        const isFirst = names === null;
        names ??= fieldNames(records.slice(0, 200));
        const rows = recordRows(records, names);
        // Only the first group brings the names of the columns.
        if (!isFirst) rows.next();
        yield* inBatches(rows);
        from = to;
      }
    } catch (error) {
      if (error instanceof ProblemError) throw error;
      throw new ProblemError({
        code: 'broken-parquet',
        sentence:
          'The Parquet file cannot be read: it is damaged, or packed in a way that is not known here. Write it again with snappy, gzip, zstd or no compression.',
      });
    }
  },
};

const tooManyRows = () =>
  new ProblemError({
    code: 'too-many-rows',
    sentence: `The file has more than ${settings.rowsOfVersion.toLocaleString('en-GB')} rows. Bring it in as several files.`,
  });
