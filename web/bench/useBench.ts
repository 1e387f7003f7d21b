import { useCallback } from 'react';
import { useDispatch, useSelector } from 'react-redux';
import { type ChartDefinition, type SeriesDefinition } from '../../core/chart';
import { withChanged } from '../../core/editing';
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
