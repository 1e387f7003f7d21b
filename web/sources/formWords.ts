import type { FileForm } from '../../contract';

export const delimiterWords: Record<NonNullable<FileForm['delimiter']>, string> = {
  ',': 'comma',
  ';': 'semicolon',
  '\t': 'tab',
  '|': 'vertical bar',
};

export const encodingWords: Record<NonNullable<FileForm['encoding']>, string> = {
  'utf-8': 'UTF-8',
  'utf-16le': 'UTF-16, little end first',
  'utf-16be': 'UTF-16, big end first',
  'windows-1252': 'Windows-1252',
};

export const markWords = { '.': 'decimal point', ',': 'decimal comma' };

/** How a file was read, in words. */
export function formWords({ delimiter, encoding, decimalMark }: FileForm): string {
  return [
    delimiter && `cells end at a ${delimiterWords[delimiter]}`,
    decimalMark && markWords[decimalMark],
    encoding && encodingWords[encoding],
  ]
    .filter(Boolean)
    .join(', ');
}
