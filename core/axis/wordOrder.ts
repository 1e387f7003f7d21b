/** What orders words: their names, what a series comes to at each, or what another column has beside them. */
export interface WordOrder {
  /** the id of a series; null: their names, or a column */
  series: string | null;
  /** another column of the source, by the least that it has beside each word; missing: none */
  column?: string;
  first: 'lowest' | 'highest';
}
