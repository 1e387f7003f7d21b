import type { SeriesLine } from '../series';

/** Lines that share a word of the column that gives them their colours. */
export interface LineGroup {
  word: string;
  /** the ids of its lines */
  lines: string[];
}

/** The groups among lines; empty where there are not two of them, or each is one line alone. */
export function groupsOf(lines: readonly Pick<SeriesLine, 'id' | 'group'>[]): LineGroup[] {
  const found = new Map<string, string[]>();
  for (const { id, group } of lines)
    if (group !== null) found.set(group, [...(found.get(group) ?? []), id]);
  const groups = [...found].map(([word, ids]) => ({ word, lines: ids }));
  return groups.length > 1 && groups.some((group) => group.lines.length > 1) ? groups : [];
}
