import { useDispatch } from 'react-redux';
import type { ChartDefinition } from '../../core/chart';
import { toastUndo } from '../look';
import { benchActions } from './benchSlice';
import { useChange } from './useBench';

type Part = 'yardsticks' | 'colourRules' | 'standouts' | 'dials';

/** Changes or removes one part of the chart. */
export function usePart<K extends Part>(part: K, id: string) {
  const change = useChange();
  const dispatch = useDispatch();
  type Item = ChartDefinition[K][number];
  const put = (next: (items: Item[]) => Item[]) =>
    change((before) => ({ ...before, [part]: next(before[part] as Item[]) }));
  return {
    set: (item: Item) => put((items) => items.map((each) => (each.id === id ? item : each))),
    move: (by: -1 | 1) =>
      put((items) => {
        const from = items.findIndex((each) => each.id === id);
        const moved = [...items];
        moved.splice(from + by, 0, ...moved.splice(from, 1));
        return moved;
      }),
    remove: (name: string) => {
      put((items) => items.filter((each) => each.id !== id));
      toastUndo(`${name} removed.`, () => dispatch(benchActions.undone()));
    },
  };
}

/** Takes a part off the chart. */
export function Remove({ name, onRemove }: { name: string; onRemove: (name: string) => void }) {
  return (
    <button type="button" className="act" onClick={() => onRemove(name)}>
      Remove {name}
    </button>
  );
}
