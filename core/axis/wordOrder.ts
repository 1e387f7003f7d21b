/** What orders words: their names, or what a series comes to at each. */
export interface WordOrder {
  /** the id of a series; null: their names */
  series: string | null;
  first: 'lowest' | 'highest';
}
