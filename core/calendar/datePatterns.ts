/**
 * How dates are written in a file. D, M, Y, W and Q stand for day, month, year, week and quarter; a
 * blank stands for any mark between two parts. A period alone is its first day.
 */
export const datePatterns = [
  'YYYY-MM-DD',
  'DD.MM.YYYY',
  'DD/MM/YYYY',
  'MM/DD/YYYY',
  'DD-MM-YYYY',
  'MM-DD-YYYY',
  'YYYY/MM/DD',
  'YYYY.MM.DD',
  'YYYYMMDD',
  'DD.MM.YY',
  'DD/MM/YY',
  'MM/DD/YY',
  'YYYY-MM',
  'YYYY/MM',
  'YYYYMM',
  'MM.YYYY',
  'MM/YYYY',
  'MM-YYYY',
  'DD MMM YYYY',
  'DD MMM YY',
  'MMM DD YYYY',
  'MMM YYYY',
  'YYYY MMM',
  'MMM YY',
  'YYYY-Www',
  'Www YYYY',
  'YYYY Qn',
  'Qn YYYY',
  'Qn YY',
  'FYYYYY Qn',
  'Qn FYYYYY',
  'YYYY',
  'serial 1900',
  'serial 1904',
] as const;
export type DatePattern = (typeof datePatterns)[number];

/** The period that a pattern writes, whatever days it comes to; null for days, and for fiscal quarters. */
export function periodWritten(pattern: DatePattern): 'week' | 'month' | 'quarter' | 'year' | null {
  if (pattern.startsWith('serial') || pattern.includes('DD') || isFiscal(pattern)) return null;
  if (pattern.includes('Q')) return 'quarter';
  if (pattern.includes('W')) return 'week';
  return pattern.includes('M') ? 'month' : 'year';
}

/** Whether a pattern names a fiscal quarter, whose days depend on where the fiscal year begins. */
export const isFiscal = (pattern: DatePattern) => pattern.includes('FY');
