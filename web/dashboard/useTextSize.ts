import { type CSSProperties, useMemo } from 'react';
import type { BoardStyle, TextSize } from '../../core/chart';
import { textScale } from '../picture';

/**
 * A dashboard's style with the size of text that a reader has chosen for themselves, and the same as a
 * style of the page.
 * @param own null: as the author has it
 */
export function useTextSize(style: BoardStyle, own: TextSize | null) {
  const sized = useMemo(() => (own === null ? style : { ...style, textSize: own }), [style, own]);
  return { style: sized, page: { '--text': textScale[sized.textSize] } as CSSProperties };
}
