import type { ChoicesOf, FileChoices, FormKind } from '../../contract';

export const delimiterWords: Record<NonNullable<ChoicesOf<'delimited'>['delimiter']>, string> = {
  ',': 'comma',
  ';': 'semicolon',
  '\t': 'tab',
  '|': 'vertical bar',
};

export const encodingWords: Record<NonNullable<ChoicesOf<'delimited'>['encoding']>, string> = {
  'utf-8': 'UTF-8',
  'utf-16le': 'UTF-16, little end first',
  'utf-16be': 'UTF-16, big end first',
  'windows-1252': 'Windows-1252',
};

export const markWords = { '.': 'decimal point', ',': 'decimal comma' };

export const kindWords = { date: 'dates', number: 'figures', text: 'words' };

const words: { [Kind in FormKind]: (file: ChoicesOf<Kind>) => string } = {
  delimited: ({ delimiter = ',', encoding = 'utf-8' }) =>
    `cells end at a ${delimiterWords[delimiter]}, ${encodingWords[encoding]}`,
  spreadsheet: ({ sheet, range }) => `sheet “${sheet}”${range ? `, ${range}` : ''}`,
  json: ({ path }) => `the records at ${path ? `“${path}”` : 'the top'}`,
  jsonLines: () => 'a record a line',
  parquet: () => 'Parquet',
};

/** How a file was read, in words. */
export const formWords = (file: FileChoices | undefined): string =>
  file ? (words[file.kind] as (file: FileChoices) => string)(file) : '';
