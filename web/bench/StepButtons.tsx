import { useDispatch } from 'react-redux';
import { type ChartDefinition } from '../../core/chart';
import { cutText } from '../../core/values';
import type { Names } from '../../core/sentences';
import { sayChange } from '../../core/text';
import { Button, Menu } from '../controls';
import { benchActions } from './benchSlice';
import { useBenchState } from './useBench';

/** As many steps back as are listed by name. */
const mostListed = 12;

/** Undo and redo, which name what they take back, and the steps by name to go back to. */
export function StepButtons({ around }: { around: Names }) {
  const { past, future, definition } = useBenchState();
  const dispatch = useDispatch();
  if (!definition) return null;
  const taken = stepsOf([...past.slice(-mostListed), definition], around).reverse();
  const [again] = stepsOf([definition, ...future.slice(-1)], around);
  const [last] = taken;
  return (
    <>
      <Button
        onClick={() => dispatch(benchActions.undone())}
        disabled={!last}
        title={last && `Undo: ${last}`}
      >
        Undo
      </Button>
      <Button
        onClick={() => dispatch(benchActions.redone())}
        disabled={!again}
        title={again && `Redo: ${again}`}
      >
        Redo
      </Button>
      {taken.length > 1 && (
        <Menu
          label="Go back to before a step"
          items={taken.map((name, at) => ({
            label: `before: ${name}`,
            act: () => dispatch(benchActions.undone(at + 1)),
          }))}
        >
          Steps
        </Menu>
      )}
    </>
  );
}

/** The names of the steps that lead from each definition to the next. */
const stepsOf = (way: readonly ChartDefinition[], around: Names): string[] =>
  way.slice(1).map((after, at) => {
    const words = sayChange(way[at] as ChartDefinition, after, around);
    return words.length > longest ? `${cutText(words, longest)} …` : words;
  });

/** A step is told from others by its first words. */
const longest = 110;
