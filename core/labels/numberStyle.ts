/** The marks that part thousands and decimals, as one country or another writes them. */
export const numberMarks = {
  comma: { group: ',', decimal: '.' },
  point: { group: '.', decimal: ',' },
  space: { group: '\u202f', decimal: ',' },
  apostrophe: { group: '\u2019', decimal: '.' },
} as const;
export type NumberMarks = keyof typeof numberMarks;

/** How an author wants figures to be written. */
export interface NumberStyle {
  marks: NumberMarks;
  /** null: as many as it takes to see about three digits */
  decimals: number | null;
  /** thousands as k, millions as m */
  short: boolean;
  /** a currency, a percent sign; empty for none */
  unit: string;
  unitAt: 'before' | 'after';
}

export const plainNumbers: NumberStyle = {
  marks: 'comma',
  decimals: null,
  short: true,
  unit: '',
  unitAt: 'after',
};
