import { useState } from 'react';
import { useDispatch } from 'react-redux';
import { type ChartDefinition } from '../../core/chart';
import { type Hanging, withoutPart } from '../../core/editing';
import { Act } from '../controls';
import { toastUndo } from '../hands';
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
      if (part === 'yardsticks' || part === 'dials')
        change((before) => withoutPart(before, { of: part, id }));
      else put((items) => items.filter((each) => each.id !== id));
      toastUndo(`${name} removed.`, () => dispatch(benchActions.undone()));
    },
  };
}

interface RemoveProps {
  name: string;
  /** what would be left without it, and goes along */
  hanging?: readonly Hanging[];
  onRemove: (name: string) => void;
}

/** Takes a part off the chart; what hangs on it is said before. */
export function Remove({ name, hanging = [], onRemove }: RemoveProps) {
  const [asked, setAsked] = useState(false);
  const press = (words: string, act: () => void) => <Act onClick={act}>{words}</Act>;
  if (!asked || hanging.length === 0)
    return press(`Remove ${name}`, () => (hanging.length > 0 ? setAsked(true) : onRemove(name)));
  const words = [...new Set(hanging.map((each) => each.words))];
  return (
    <div role="alert" className="row">
      <span>
        {words.slice(0, 4).join(', ')}
        {words.length > 4 && ` and ${words.length - 4} more`}{' '}
        {words.length === 1 ? 'hangs' : 'hang'} on {name}, and {words.length === 1 ? 'goes' : 'go'}{' '}
        with it.
      </span>
      {press(`Remove ${name} and what hangs on it`, () => onRemove(name))}
      {press('Keep it', () => setAsked(false))}
    </div>
  );
}
