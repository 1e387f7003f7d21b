/** The ids of the lines that are highlighted, the latest last; of none, all wear their own colours. */
export type Highlight = readonly string[];

export const noHighlight: Highlight = [];

/** Whether a line is highlighted. */
export const isLit = (highlight: Highlight, id: string | undefined): boolean =>
  id !== undefined && highlight.includes(id);

/** Whether a line stands back in grey behind those that are highlighted. */
export const isAway = (highlight: Highlight, id: string): boolean =>
  highlight.length > 0 && !highlight.includes(id);

/** The line that is meant where only one can be; null for none. */
export const latestLit = (highlight: Highlight): string | null => highlight.at(-1) ?? null;

/**
 * Highlights a line, or lets it go if it is all that is highlighted.
 * @param more beside those that are, rather than in their place
 */
export function withLit(highlight: Highlight, id: string, more: boolean): Highlight {
  const others = highlight.filter((each) => each !== id);
  if (more) return others.length < highlight.length ? others : [...highlight, id];
  return highlight.length === 1 && others.length === 0 ? noHighlight : [id];
}

/** Whether a press means a line beside those that are highlighted. */
export const isMore = (press: Pick<MouseEvent, 'shiftKey' | 'ctrlKey' | 'metaKey'>): boolean =>
  press.shiftKey || press.ctrlKey || press.metaKey;
