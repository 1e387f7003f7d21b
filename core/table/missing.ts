/** What people write where nothing stands, in columns of any kind. */
const anywhere = ['-', '–', '—', '--', 'n/a', 'n.a.', '#n/a', 'nan', 'null', '#value!', '#div/0!'];

/** What may also be a word, and means nothing only where figures or dates are expected. */
const notWords = ['na', 'nil', 'none', '?', '.', '..', '...', '…', '#ref!', '#name?', '#num!'];

/** The signs that count as missing beside blanks, unless a file is told otherwise. */
export const usualMissing: readonly string[] = [...anywhere, ...notWords];

const longestSign = 12;

/** Signs of missing cells, compared without capitals and outer blanks. */
export type MissingSigns = ReadonlySet<string>;

const usual: MissingSigns = new Set(usualMissing);
const usualInWords: MissingSigns = new Set(anywhere);

/**
 * The signs that count as missing in a column.
 * @param own those of the file, where it was told; otherwise the usual ones
 */
export function missingSigns(
  kind: 'date' | 'number' | 'text',
  own?: readonly string[] | null,
): MissingSigns {
  if (own) return new Set(own.map((sign) => sign.trim().toLowerCase()));
  return kind === 'text' ? usualInWords : usual;
}

/**
 * Whether a cell counts as blank: nothing, or a sign for nothing.
 * @param signs those that stand for nothing in this file
 */
export function isBlank(text: string, signs: MissingSigns = usual): boolean {
  if (text.length > 2 * longestSign) return text.trim() === '';
  const plain = text.trim();
  return plain === '' || (plain.length <= longestSign && signs.has(plain.toLowerCase()));
}
