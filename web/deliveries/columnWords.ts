import type { ColumnProfile } from '../../contract';
import { writeDay, writeNumber } from '../../core/labels';
import type { ColumnKind } from '../../core/table';

const counted = (count: number, one: string, many: string) =>
  `${count.toLocaleString('en-GB')} ${count === 1 ? one : many}`;

/**
 * A figure or day of a column, as people write it.
 * @param value a figure, or days since 1 January 1970
 */
export function writeValue(value: number, kind: ColumnKind, decimals: number): string {
  if (kind === 'date') return writeDay(value);
  return writeNumber(value, { divisor: 1, suffix: '', decimals: Math.min(decimals, 6) });
}

/**
 * What a column's cells hold, in words: its range or its commonest words, and what is missing.
 * @param profile what was counted in the column
 * @param decimals that its figures are written with
 */
export function columnWords(
  kind: ColumnKind,
  profile: Pick<ColumnProfile, 'blank' | 'distinct' | 'range' | 'common'>,
  decimals: number,
): string[] {
  const { blank, distinct, range, common } = profile;
  const [least, most] = range ?? [0, 0];
  const more = distinct >= 1000 ? ' or more' : '';
  return [
    ...(range
      ? [`${writeValue(least, kind, decimals)} to ${writeValue(most, kind, decimals)}`]
      : []),
    ...(kind === 'text' && common.length > 0
      ? [
          common
            .slice(0, 3)
            .map(({ word }) => word)
            .join(', '),
        ]
      : []),
    `${distinct.toLocaleString('en-GB')}${more} different, ${blank === 0 ? 'none missing' : counted(blank, 'missing', 'missing')}`,
  ];
}
