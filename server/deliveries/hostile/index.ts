import { gzipSync } from 'node:zlib';
import { odsCell, odsRow, openDocument, sheetOf, sheetRows, workbook } from './workbooks';
import { zipOf } from './zip';

/** A file that was made to do harm: its name tells how. */
export interface HostileFile {
  how: string;
  fileName: string;
  content: Buffer;
}

const times = <T>(count: number, make: (place: number) => T): T[] =>
  Array.from({ length: count }, (_, place) => make(place));
const plainOds =
  odsRow(odsCell('Day') + odsCell('Fares')) + odsRow(odsCell('2026-01-01') + odsCell('1'));
const csv = (cell: string, rows = 3) =>
  ['Day,Fares', ...times(rows, (row) => `2026-01-0${(row % 9) + 1},${cell}`)].join('\n');
const spaces = (count: number) => ' '.repeat(count);

const workbooks: Record<string, () => Buffer> = {
  'a merge over the rest of the sheet': () => workbook(sheetOf({ merges: ['A50:XFD1048576'] })),
  'a merge of the whole sheet': () => workbook(sheetOf({ merges: ['A1:XFD1048576'] })),
  '20,000 merges as wide as the sheet': () =>
    workbook(sheetOf({ merges: times(20_000, (row) => `A${row + 1}:XFD${row + 1}`) })),
  '20,000 merges over one another': () =>
    workbook(sheetOf({ rows: sheetRows(2000), merges: times(20_000, () => 'A1:B2000') })),
  'merges over many rows with a cell far to the right': () =>
    workbook(
      sheetOf({
        rows: `${sheetRows(300)}<row r="301"><c r="XFD301"><v>1</v></c></row>`,
        merges: times(300, (row) => `A${row + 1}:XFD${row + 1}`),
      }),
    ),
  'a cell in the last corner': () =>
    workbook(
      sheetOf({ rows: `${sheetRows(5)}<row r="1048576"><c r="XFD1048576"><v>1</v></c></row>` }),
    ),
  'a cell beyond the last corner': () =>
    workbook(
      sheetOf({ rows: `${sheetRows(5)}<row r="99999999"><c r="ZZZZ99999999"><v>1</v></c></row>` }),
    ),
  'a range that is said and not there': () => workbook(sheetOf({ dimension: 'A1:XFD1048576' })),
  'a wide cell in each of many rows': () =>
    workbook(
      sheetOf({
        rows: times(
          4000,
          (row) => `<row r="${row + 1}"><c r="XFD${row + 1}"><v>1</v></c></row>`,
        ).join(''),
      }),
    ),
  '2,000 sheets': () => workbook(sheetOf(), { sheets: 2000 }),
  'more files than any workbook has': () =>
    workbook(sheetOf(), { more: times(6000, (place) => ({ name: `x/${place}`, content: '' })) }),
  'sizes that are understated': () =>
    workbook(sheetOf({ rows: sheetRows(40_000) }), { said: { unpackedBytes: 1000 } }),
  'sizes that are overstated': () => workbook(sheetOf(), { said: { unpackedBytes: 0xfffffff0 } }),
  'two hundred megabytes of blanks in a sheet': () =>
    workbook(Buffer.alloc(200 * 1024 * 1024, ' ')),
  'half a gigabyte in a file beside': () =>
    workbook(sheetOf(), {
      more: [{ name: 'xl/media/image1.png', content: Buffer.alloc(500 * 1024 * 1024) }],
    }),
  'a file that says less than it holds': () =>
    workbook(sheetOf(), {
      more: [
        {
          name: 'xl/sharedStrings.xml',
          content: Buffer.alloc(50 * 1024 * 1024, 'a'),
          said: { unpackedBytes: 10 },
        },
      ],
    }),
  'entities within entities': () =>
    workbook(
      `<?xml version="1.0"?><!DOCTYPE a [${times(12, (n) => `<!ENTITY e${n + 1} "${n === 0 ? 'ha' : `&e${n};`.repeat(10)}">`).join('')}]>${sheetOf({ after: '&e12;' }).slice(55)}`,
    ),
  'an entity that names a file of the server': () =>
    workbook(
      `<?xml version="1.0"?><!DOCTYPE a [<!ENTITY x SYSTEM "file:///etc/passwd">]>${sheetOf({ after: '&x;' }).slice(55)}`,
    ),
  'tags nested 200,000 deep': () =>
    workbook(sheetOf({ after: '<a>'.repeat(200_000) + '</a>'.repeat(200_000) })),
  'a tag that is never closed': () =>
    workbook(sheetOf({ after: `<c r="${'A'.repeat(2_000_000)}` })),
  'a row of open tags': () => workbook(sheetOf({ rows: '<row><c><v>'.repeat(100_000) })),
  'a cell of ten million letters': () =>
    workbook(
      sheetOf({
        rows: `${sheetRows(3)}<row r="4"><c r="A4" t="inlineStr"><is><t>${'x'.repeat(10_000_000)}</t></is></c></row>`,
      }),
    ),
  'a format of a million letters': () =>
    workbook(sheetOf(), {
      more: [
        {
          name: 'xl/styles.xml',
          content: `<styleSheet><numFmts><numFmt numFmtId="165" formatCode="${'[y]'.repeat(300_000)}"/></numFmts></styleSheet>`,
        },
      ],
    }),
  'a zip within a zip': () => zipOf([{ name: 'a.zip', content: workbook(sheetOf()) }]),
  'a zip without any file': () => zipOf([]),
  'a zip that is cut off': () => workbook(sheetOf()).subarray(0, 900),
  'an older workbook of nonsense': () =>
    Buffer.concat([
      Buffer.from([0xd0, 0xcf, 0x11, 0xe0, 0xa1, 0xb1, 0x1a, 0xe1]),
      Buffer.alloc(100_000, 7),
    ]),
  'an older workbook that points in circles': () =>
    Buffer.concat([
      Buffer.from([0xd0, 0xcf, 0x11, 0xe0, 0xa1, 0xb1, 0x1a, 0xe1]),
      Buffer.alloc(512 * 400),
    ]),
};

const openDocuments: Record<string, () => Buffer> = {
  'a cell repeated 300 million times': () =>
    openDocument(plainOds + odsRow(odsCell('x', 300_000_000))),
  'a row of cells repeated 16,384 times each': () =>
    openDocument(plainOds + odsRow(times(2000, () => odsCell('x', 16_384)).join(''))),
  'rows repeated a million times': () =>
    openDocument(plainOds + odsRow(odsCell('x', 100), 1_048_576)),
  'many rows repeated': () =>
    openDocument(plainOds + times(500, () => odsRow(odsCell('x', 100), 1000)).join('')),
  'empty cells repeated a thousand million times': () =>
    openDocument(
      `${plainOds}<table:table-row table:number-rows-repeated="1000000000"><table:table-cell table:number-columns-repeated="1000000000"/></table:table-row>`,
    ),
  'a repeat in quotation marks of the other kind': () =>
    openDocument(
      `${plainOds}<table:table-row><table:table-cell office:value-type='float' office:value='1' table:number-columns-repeated='300000000'><text:p>1</text:p></table:table-cell></table:table-row>`,
    ),
  'a negative repeat': () => openDocument(plainOds + odsRow(odsCell('x', -5))),
  'a repeat that is no number': () => openDocument(plainOds + odsRow(odsCell('x', Number.NaN))),
  'tables nested deep': () =>
    openDocument(plainOds + '<table:table-row><table:table-cell>'.repeat(50_000)),
  'a million paragraphs in a cell': () =>
    openDocument(
      `${plainOds}<table:table-row><table:table-cell office:value-type="string">${'<text:p>x</text:p>'.repeat(1_000_000)}</table:table-cell></table:table-row>`,
    ),
};

const jsons: Record<string, () => string> = {
  'arrays 20,000 deep': () =>
    `[{"Day":"2026-01-01","Fares":${'['.repeat(20_000)}${']'.repeat(20_000)}}]`,
  'records 20,000 deep': () => `[${'{"a":'.repeat(20_000)}1${'}'.repeat(20_000)}]`,
  'an array of arrays 200,000 deep': () => '['.repeat(200_000) + ']'.repeat(200_000),
  'arrays that are never closed': () => '['.repeat(5_000_000),
  'a record of a million fields': () =>
    `[{${times(1_000_000, (field) => `"f${field}":1`).join(',')}}]`,
  'records that each have fields of their own': () =>
    `[${times(5000, (row) => `{${times(60, (field) => `"f${row}_${field}":1`).join(',')}}`).join(',')}]`,
  'lists side by side': () =>
    `{${times(300, (column) => `"c${column}":[${times(3000, (row) => row).join(',')}]`).join(',')}}`,
  'the names of an object’s own parts': () =>
    `[{"__proto__":{"polluted":1},"constructor":{"prototype":{"polluted":1}},"Day":"2026-01-01","Fares":1}]`,
  'a figure of a million digits': () => `[{"Day":"2026-01-01","Fares":${'9'.repeat(1_000_000)}}]`,
};

const jsonLines: Record<string, () => string> = {
  '70,000 fields a line': () => {
    const line = `{${times(70_000, (field) => `"k${field}":1`).join(',')}}`;
    return times(12, () => line).join('\n');
  },
  'another field in each line': () =>
    times(100_000, (row) => `{"Day":"2026-01-01","f${row}":1}`).join('\n'),
  'a line of two megabytes': () => `{"a":1}\n{"a":"${'x'.repeat(2_000_000)}"}\n{"a":2}`,
  'lists 5,000 deep in each line': () =>
    times(200, () => `{"Day":"2026-01-01","Fares":${'['.repeat(5000)}${']'.repeat(5000)}}`).join(
      '\n',
    ),
};

const texts: Record<string, () => string> = {
  'a cell of one digit, 32,000 blanks and a letter': () => csv(`1${spaces(32_000)}x`),
  'twenty cells of 50,000 blanks': () => csv(`1${spaces(50_000)}x`, 20),
  'blanks of every kind': () => csv(`1${'\u00a0\u202f'.repeat(100_000)}x`),
  'a million digits': () => csv('9'.repeat(1_000_000)),
  'digits with marks between, endlessly': () => csv(`"${'1,'.repeat(200_000)}x"`),
  'parentheses, endlessly': () => csv('('.repeat(500_000)),
  'signs, endlessly': () => csv('-'.repeat(500_000)),
  'a date that goes on': () =>
    csv('1').replace('2026-01-01', `2026-01-01T${'1:'.repeat(200_000)}Z`),
  'a row of a million cells': () => `Day,Fares\n2026-01-01,1\n${','.repeat(1_000_000)}\n`,
  'a head of a million cells': () => `${times(1_000_000, (place) => `c${place}`).join(',')}\n1\n`,
  'a million quotation marks': () => csv('"'.repeat(1_000_001)),
  'quotation marks with letters between': () => csv('a"b'.repeat(300_000)),
  'a quotation that is never closed': () => `Day,Fares\n"${'x\n'.repeat(2_000_000)}`,
  'a million lone returns': () => `Day,Fares\n${'\r'.repeat(1_000_000)}2026-01-01,1`,
  'two million empty rows': () => `Day,Fares\n${'\n'.repeat(2_000_000)}2026-01-01,1\n`,
  'text turned around': () => csv('\u202e'.repeat(100_000)),
};

const parquet = (rest: Buffer, length: number) => {
  const end = Buffer.alloc(8);
  end.writeUInt32LE(length, 0);
  end.write('PAR1', 4);
  return Buffer.concat([Buffer.from('PAR1'), rest, end]);
};
const parquets: Record<string, () => Buffer> = {
  'metadata longer than the file': () => parquet(Buffer.alloc(100), 0xfffffff0),
  'metadata of nonsense': () => parquet(Buffer.alloc(5000, 0xff), 5000),
  'metadata that nests for ever': () => parquet(Buffer.alloc(200_000, 0x1c), 200_000),
  'metadata of endless lists': () => parquet(Buffer.alloc(200_000, 0x19), 200_000),
  'no metadata': () => parquet(Buffer.alloc(0), 0),
};

const asFiles = (extension: string, made: Record<string, () => string | Buffer>): HostileFile[] =>
  Object.entries(made).map(([how, make]) => ({
    how: `${extension}: ${how}`,
    fileName: `hostile.${extension}`,
    content: Buffer.from(make()),
  }));

/** Files of every kind that were made to take memory, time or a whole process. */
export const hostileFiles = (): HostileFile[] => [
  ...asFiles('xlsx', workbooks),
  ...asFiles('ods', openDocuments),
  ...asFiles('json', jsons),
  ...asFiles('jsonl', jsonLines),
  ...asFiles('csv', texts),
  ...asFiles('parquet', parquets),
  ...asFiles('csv', {
    'a packed file with a name of text': () => gzipSync(Buffer.alloc(1_000_000)),
  }),
];
