import { type Zipped, zipOf } from './zip';

const xml = '<?xml version="1.0" encoding="UTF-8" standalone="yes"?>';
const main = 'http://schemas.openxmlformats.org/spreadsheetml/2006/main';
const relations = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';

/** A workbook of one sheet, or of several alike, from the XML of what stands in it. */
export function workbook(
  sheet: string | Buffer,
  { sheets = 1, more = [] as Zipped[], said = undefined as Zipped['said'] } = {},
): Buffer {
  const places = Array.from({ length: sheets }, (_, place) => place + 1);
  const types = places
    .map(
      (place) =>
        `<Override PartName="/xl/worksheets/sheet${place}.xml" ContentType="application/vnd.openxmlformats-officedocument.spreadsheetml.worksheet+xml"/>`,
    )
    .join('');
  return zipOf([
    {
      name: '[Content_Types].xml',
      content: `${xml}<Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types"><Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/><Default Extension="xml" ContentType="application/xml"/><Override PartName="/xl/workbook.xml" ContentType="application/vnd.openxmlformats-officedocument.spreadsheetml.sheet.main+xml"/>${types}</Types>`,
    },
    {
      name: '_rels/.rels',
      content: `${xml}<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="rId1" Type="${relations}/officeDocument" Target="xl/workbook.xml"/></Relationships>`,
    },
    {
      name: 'xl/workbook.xml',
      content: `${xml}<workbook xmlns="${main}" xmlns:r="${relations}"><sheets>${places.map((place) => `<sheet name="S${place}" sheetId="${place}" r:id="rId${place}"/>`).join('')}</sheets></workbook>`,
    },
    {
      name: 'xl/_rels/workbook.xml.rels',
      content: `${xml}<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships">${places.map((place) => `<Relationship Id="rId${place}" Type="${relations}/worksheet" Target="worksheets/sheet${place}.xml"/>`).join('')}</Relationships>`,
    },
    ...places.map((place) => ({ name: `xl/worksheets/sheet${place}.xml`, content: sheet, said })),
    ...more,
  ]);
}

/** Rows of figures under a head, as XML. */
const table = (rows: number) =>
  Array.from({ length: rows }, (_, row) =>
    row === 0
      ? '<row r="1"><c r="A1" t="inlineStr"><is><t>Day</t></is></c><c r="B1" t="inlineStr"><is><t>Fares</t></is></c></row>'
      : `<row r="${row + 1}"><c r="A${row + 1}" t="inlineStr"><is><t>2026-01-${String((row % 28) + 1).padStart(2, '0')}</t></is></c><c r="B${row + 1}"><v>${row}</v></c></row>`,
  ).join('');

/** A sheet of some rows of figures, with more XML of ours. */
export const sheetOf = ({
  rows = table(5),
  dimension = 'A1:B5',
  merges = [] as string[],
  after = '',
} = {}) =>
  `${xml}<worksheet xmlns="${main}"><dimension ref="${dimension}"/><sheetData>${rows}</sheetData>${
    merges.length > 0
      ? `<mergeCells count="${merges.length}">${merges.map((ref) => `<mergeCell ref="${ref}"/>`).join('')}</mergeCells>`
      : ''
  }${after}</worksheet>`;

export const sheetRows = table;

const office = 'urn:oasis:names:tc:opendocument:xmlns';

/** An OpenDocument spreadsheet from the XML of the rows of its table. */
export const openDocument = (rows: string, more: Zipped[] = []): Buffer =>
  zipOf([
    { name: 'mimetype', content: 'application/vnd.oasis.opendocument.spreadsheet' },
    {
      name: 'META-INF/manifest.xml',
      content: `${xml}<manifest:manifest xmlns:manifest="${office}:manifest:1.0"><manifest:file-entry manifest:full-path="/" manifest:media-type="application/vnd.oasis.opendocument.spreadsheet"/><manifest:file-entry manifest:full-path="content.xml" manifest:media-type="text/xml"/></manifest:manifest>`,
    },
    {
      name: 'content.xml',
      content: `${xml}<office:document-content xmlns:office="${office}:office:1.0" xmlns:table="${office}:table:1.0" xmlns:text="${office}:text:1.0"><office:body><office:spreadsheet><table:table table:name="S">${rows}</table:table></office:spreadsheet></office:body></office:document-content>`,
    },
    ...more,
  ]);

/** A cell of an OpenDocument table, said once and meant so often. */
export const odsCell = (text: string, repeated = 1) =>
  `<table:table-cell office:value-type="string" table:number-columns-repeated="${repeated}"><text:p>${text}</text:p></table:table-cell>`;

export const odsRow = (cells: string, repeated = 1) =>
  `<table:table-row table:number-rows-repeated="${repeated}">${cells}</table:table-row>`;
