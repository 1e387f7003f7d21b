import type { ThunkDispatch, UnknownAction } from '@reduxjs/toolkit';
import { useEffect } from 'react';
import { useDispatch } from 'react-redux';
import type { Chart } from '../../contract';
import { withoutSlots } from '../../core/labels';
import { api, outlivesPage, problemOf, sayProblem } from '../api';
import { toast } from '../hands';
import { benchActions, type benchSlice } from './benchSlice';
import { useBenchState } from './useBench';

interface Held {
  bench: ReturnType<typeof benchSlice.getInitialState>;
}

export type BenchDispatch = ThunkDispatch<Held, unknown, UnknownAction>;

/** What stores a chart; tells its new revision. */
export type StoreChart = (
  dispatch: BenchDispatch,
  chart: Pick<Chart, 'id' | 'revision' | 'definition'>,
) => Promise<{ revision: number }>;

const storeChart: StoreChart = (dispatch, chart) =>
  dispatch(api.endpoints.saveChart.initiate(chart, { track: false })).unwrap();

/** How long the bench waits for the next change before it saves. */
const pause = 500;

/** One save at a time: the next one needs the revision that this one brings. */
let underway: Promise<void> = Promise.resolve();
let saves = 0;

/** A chart as it is on the bench, or as it was when its bench was left. */
const heldOf = ({ bench }: Held, chartId: number) =>
  bench.chartId === chartId ? bench : bench.left[chartId];

/** Saves what is not saved of a chart, whether it is on the bench or was left. */
export const saveChart =
  (id: number, store: StoreChart = storeChart) =>
  (dispatch: BenchDispatch, getState: () => Held): Promise<void> => {
    const save = async (): Promise<void> => {
      const held = heldOf(getState(), id);
      if (held?.save.kind !== 'unsaved' || !held.definition) return;
      const { definition, revision } = held;
      dispatch(benchActions.saving(id));
      try {
        const answer = await store(dispatch, { id, revision, definition });
        dispatch(benchActions.saved({ id, revision: answer.revision, at: Date.now() }));
      } catch (error) {
        const problem = problemOf(error);
        if (problem?.code === 'changed-meanwhile')
          dispatch(benchActions.conflicted(problem.current as Chart));
        else dispatch(benchActions.saveFailed({ id, sentence: sayProblem(error) }));
      }
      // A bench that was left waits for no further change, and its page cannot say what went wrong.
      const left = getState().bench.left[id];
      if (left?.save.kind === 'unsaved') await save();
      else if (left) dispatch(sayLeft(id));
    };
    saves += 1;
    underway = underway.then(save).finally(() => (saves -= 1));
    return underway;
  };

/** Says where the person is now that a chart which was left could not be saved. */
const sayLeft = (id: number) => (dispatch: BenchDispatch, getState: () => Held) => {
  const { [id]: left } = getState().bench.left;
  if (!left) return;
  const title = `“${withoutSlots(left.definition.title)}”`;
  if (left.save.kind === 'conflict')
    toast(
      `${title} is not saved: somebody else has changed it too. Open it again to choose between the two.`,
    );
  if (left.save.kind !== 'failed') return;
  toast(
    `${title} is not saved. ${left.save.sentence} Your change is there when you open it again.`,
    {
      label: 'Try again',
      run: () => {
        dispatch(benchActions.retried(id));
        void dispatch(saveChart(id));
      },
    },
  );
};

/** Puts a chart on the bench; of the one before it what is not saved is saved first. */
export const openBench =
  (chart: Chart, store?: StoreChart) => (dispatch: BenchDispatch, getState: () => Held) => {
    const { chartId: before } = getState().bench;
    dispatch(benchActions.opened(chart));
    if (before !== null) void dispatch(saveChart(before, store));
  };

/** Leaves the bench; what is not saved of its chart is saved at once, or said. */
export const leaveBench =
  (store?: StoreChart) => (dispatch: BenchDispatch, getState: () => Held) => {
    const { chartId } = getState().bench;
    dispatch(benchActions.closed());
    if (chartId === null) return;
    const { [chartId]: left } = getState().bench.left;
    // What failed where it could be seen is tried once more, and said where the person is then.
    if (left?.save.kind === 'failed') dispatch(benchActions.retried(chartId));
    if (left?.save.kind === 'conflict') dispatch(sayLeft(chartId));
    else void dispatch(saveChart(chartId, store));
  };

/** Saves every change by itself, a moment after it was made. */
export function useAutosave() {
  const { chartId, definition, revision, save } = useBenchState();
  const dispatch = useDispatch<BenchDispatch>();
  useEffect(() => {
    if (save.kind !== 'unsaved' || chartId === null) return;
    const waiting = setTimeout(() => void dispatch(saveChart(chartId)), pause);
    return () => clearTimeout(waiting);
  }, [chartId, definition, revision, save.kind, dispatch]);
}

/**
 * Keeps what is not saved when the whole page is left: it is sent at once, and goes on its way without
 * the page. Only what cannot be sent so is asked about.
 */
export function keepUnsaved(store: { dispatch: BenchDispatch; getState: () => Held }) {
  window.addEventListener('beforeunload', (event) => {
    const { bench } = store.getState();
    const onItsWay = ({ definition, save }: Pick<typeof bench, 'definition' | 'save'>) =>
      save.kind === 'saved' ||
      (outlivesPage({ definition }) &&
        (save.kind === 'saving' || (save.kind === 'unsaved' && saves === 0)));
    const safe = [bench, ...Object.values(bench.left)].every(onItsWay);
    if (bench.chartId !== null) void store.dispatch(saveChart(bench.chartId));
    if (!safe) event.preventDefault();
  });
}
