import type { Judgement } from '../rules';
import { type Figures, sumFigures } from '../values';

/** An unbroken run of finished periods off the mark. */
export interface Spell {
  /** the places of its first and last period */
  from: number;
  to: number;
  periods: number;
  /** the summed difference from the mark */
  total: number;
  /** it ends at the last finished period that has a figure */
  ongoing: boolean;
}

/**
 * Finds the spells of a compared series.
 * @param judgements one a period; open and missing periods are null and end a spell
 * @param differences figure less mark, one a period
 * @param exact the differences are decimals; false when a division lies behind them
 */
export function findSpells(
  judgements: readonly Judgement[],
  differences: Figures,
  exact: boolean,
): Spell[] {
  const last = judgements.findLastIndex((judgement) => judgement !== null);
  const spells: Spell[] = [];
  for (let place = 0; place < judgements.length; place += 1) {
    if (judgements[place] !== 'off') continue;
    const before = spells[spells.length - 1];
    const goesOn = before?.to === place - 1;
    // Changing the side of a band starts another.
    const side = Math.sign(differences[place] ?? 0);
    if (goesOn && Math.sign(differences[place - 1] ?? 0) === side) before.to = place;
    else spells.push({ from: place, to: place, periods: 0, total: 0, ongoing: false });
  }
  return spells.map(({ from, to }) => ({
    from,
    to,
    periods: to - from + 1,
    total: sumFigures(differences.slice(from, to + 1), exact) ?? 0,
    ongoing: to === last,
  }));
}
