import { useCallback, useEffect, useRef } from 'react';
import { useDispatch, useSelector } from 'react-redux';
import type { Chart } from '../../contract';
import { type ChartDefinition, type SeriesDefinition, withChanged } from '../../core/chart';
import { api, problemOf, sayProblem } from '../api';
import { benchActions, type benchSlice } from './benchSlice';

type BenchState = ReturnType<typeof benchSlice.getInitialState>;

/** The chart on the bench. */
export const useBenchState = () => useSelector((state: { bench: BenchState }) => state.bench);

/** Changes the definition on the bench. */
export function useChange(): (change: (chart: ChartDefinition) => ChartDefinition) => void {
  const { definition } = useBenchState();
  const dispatch = useDispatch();
  return useCallback(
    (change) => definition && dispatch(benchActions.changed(change(definition))),
    [definition, dispatch],
  );
}

/** Changes one series of the definition on the bench. */
export function useSeriesChange(id: string): (more: Partial<SeriesDefinition>) => void {
  const change = useChange();
  return useCallback((more) => change((before) => withChanged(before, id, more)), [change, id]);
}

/** How long the bench waits for the next change before it saves. */
const pause = 500;

/** Saves every change by itself, a moment after it was made. */
export function useAutosave() {
  const { chartId, definition, revision, save } = useBenchState();
  const [put] = api.useSaveChartMutation();
  const dispatch = useDispatch();
  // One save at a time: the next one needs the revision that this one brings, which starts it.
  const underway = useRef(false);
  useEffect(() => {
    if (save.kind !== 'unsaved' || chartId === null || !definition || underway.current) return;
    const waiting = setTimeout(() => {
      underway.current = true;
      dispatch(benchActions.saving());
      put({ id: chartId, revision, definition })
        .unwrap()
        .finally(() => (underway.current = false))
        .then((answer) =>
          dispatch(benchActions.saved({ revision: answer.revision, at: Date.now() })),
        )
        .catch((error: unknown) => {
          const problem = problemOf(error);
          if (problem?.code === 'changed-meanwhile')
            dispatch(benchActions.conflicted(problem.current as Chart));
          else dispatch(benchActions.saveFailed(sayProblem(error)));
        });
    }, pause);
    return () => clearTimeout(waiting);
  }, [chartId, definition, revision, save.kind, put, dispatch]);
  useEffect(() => {
    if (save.kind === 'saved') return;
    const ask = (event: BeforeUnloadEvent) => event.preventDefault();
    window.addEventListener('beforeunload', ask);
    return () => window.removeEventListener('beforeunload', ask);
  }, [save.kind]);
}
