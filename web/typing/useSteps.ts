import { useState } from 'react';
import type { TypedCells } from './cells';

interface Steps {
  past: TypedCells[];
  cells: TypedCells;
  future: TypedCells[];
  /** what was changed last, so that the letters of one cell are one step */
  at: string;
}

const most = 200;

/** The cells of a table, with the way back and forth through their changes. */
export function useSteps(begin: TypedCells) {
  const [{ past, cells, future }, setSteps] = useState<Steps>({
    past: [],
    cells: begin,
    future: [],
    at: '',
  });
  return {
    cells,
    canUndo: past.length > 0,
    canRedo: future.length > 0,
    /** @param at names the cell that is changed: its letters are one step */
    change: (next: TypedCells, at: string) =>
      setSteps((now) => ({
        past:
          at !== '' && at === now.at && goesOn(now.cells, next, at)
            ? now.past
            : [...now.past.slice(-most), now.cells],
        cells: next,
        future: [],
        at,
      })),
    undo: () =>
      setSteps((now) => {
        const before = now.past.at(-1);
        if (!before) return now;
        const rest = { past: now.past.slice(0, -1), future: [now.cells, ...now.future] };
        return { ...rest, cells: before, at: '' };
      }),
    redo: () =>
      setSteps((now) => {
        const [after, ...rest] = now.future;
        if (!after) return now;
        return { past: [...now.past, now.cells], cells: after, future: rest, at: '' };
      }),
  };
}

/** Whether a cell is only written on, not written anew. */
function goesOn(before: TypedCells, after: TypedCells, at: string): boolean {
  const [row = 0, place = 0] = at.split(' ').map(Number);
  return (after[row]?.[place] ?? '').startsWith(before[row]?.[place] ?? '');
}
