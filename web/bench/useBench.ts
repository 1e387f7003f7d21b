import { useCallback } from 'react';
import { useSelector, useStore } from 'react-redux';
import { type ChartDefinition, type SeriesDefinition } from '../../core/chart';
import { withChanged } from '../../core/editing';
import { benchActions, type benchSlice } from './benchSlice';

type BenchState = ReturnType<typeof benchSlice.getInitialState>;

/** The chart on the bench. */
export const useBenchState = () => useSelector((state: { bench: BenchState }) => state.bench);

/** Changes the definition on the bench. */
export function useChange(): (change: (chart: ChartDefinition) => ChartDefinition) => void {
  const store = useStore<{ bench: BenchState }>();
  return useCallback(
    (change) => {
      // As it stands when it is changed: what was asked for meanwhile may come late.
      const { definition } = store.getState().bench;
      if (definition) store.dispatch(benchActions.changed(change(definition)));
    },
    [store],
  );
}

/** Changes one series of the definition on the bench. */
export function useSeriesChange(id: string): (more: Partial<SeriesDefinition>) => void {
  const change = useChange();
  return useCallback((more) => change((before) => withChanged(before, id, more)), [change, id]);
}
