import { useDispatch } from 'react-redux';
import { type ChartDefinition } from '../../core/chart';
import { sayChange } from '../../core/editing';
import { Button, Menu } from '../look';
import { benchActions } from './benchSlice';
import { useBenchState } from './useBench';

/** As many steps back as are listed by name. */
const mostListed = 12;

/** Undo and redo, which name what they take back, and the steps by name to go back to. */
export function StepButtons() {
  const { past, future, definition } = useBenchState();
  const dispatch = useDispatch();
  if (!definition) return null;
  const taken = stepsOf([...past.slice(-mostListed), definition]).reverse();
  const [again] = stepsOf([definition, ...future.slice(-1)]);
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
const stepsOf = (way: readonly ChartDefinition[]): string[] =>
  way.slice(1).map((after, at) => sayChange(way[at] as ChartDefinition, after));
