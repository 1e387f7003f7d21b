import { createSlice, current, type PayloadAction } from '@reduxjs/toolkit';
import type { Chart } from '../../contract';
import { type ChartDefinition } from '../../core/chart';
import { continuesTyping, withFollowingWords, withOwnNames } from '../../core/editing';

/** Whether what is on the bench is what the server has. */
export type SaveState =
  | { kind: 'saved'; at: number | null }
  | { kind: 'unsaved' }
  | { kind: 'saving' }
  | { kind: 'failed'; sentence: string }
  | { kind: 'conflict'; theirs: Chart };

/** What a bench that was left still has to save, or could not. */
interface LeftBench {
  definition: ChartDefinition;
  revision: number;
  save: SaveState;
}

interface BenchState {
  chartId: number | null;
  definition: ChartDefinition | null;
  revision: number;
  past: ChartDefinition[];
  future: ChartDefinition[];
  save: SaveState;
  /** the ids of the lines that are highlighted */
  highlight: string[];
  /** by the id of their chart: benches that were left before all was saved */
  left: Record<number, LeftBench>;
}

const initialState: BenchState = {
  chartId: null,
  definition: null,
  revision: 0,
  past: [],
  future: [],
  save: { kind: 'saved', at: null },
  highlight: [],
  left: {},
};

const mostSteps = 100;

/** Takes the definition so many steps along the way that was come, and keeps the way back. */
function walk(state: BenchState, from: ChartDefinition[], onto: ChartDefinition[], steps: number) {
  for (let step = 0; step < steps; step += 1) {
    const next = from.pop();
    if (!next || !state.definition) return;
    onto.push(state.definition);
    state.definition = next;
    if (state.save.kind !== 'conflict') state.save = { kind: 'unsaved' };
  }
}

/** What is to be saved of a chart: on the bench, or of the bench that was left. */
const heldOf = (state: BenchState, chartId: number): Pick<BenchState, 'revision' | 'save'> =>
  state.chartId === chartId ? state : (state.left[chartId] ?? { revision: 0, save: gone });

/** A bench that was left and is saved needs to be remembered no longer. */
const gone: SaveState = { kind: 'saved', at: null };

/** Puts the bench away, and keeps what is not saved of it. */
function putAway(state: BenchState): BenchState {
  const { chartId, definition, revision, save } = state;
  const left = { ...state.left };
  if (chartId !== null && definition && save.kind !== 'saved')
    left[chartId] = { definition, revision, save };
  return { ...initialState, left };
}

/** The chart on the bench: its definition as it stands, and the way back. */
export const benchSlice = createSlice({
  name: 'bench',
  initialState,
  reducers: {
    /** What could not be saved when the chart was left is still there, one Undo from what is stored. */
    opened(before, { payload }: PayloadAction<Chart>): BenchState {
      const { id, definition, revision } = payload;
      const { left } = putAway(current(before));
      const { [id]: own, ...others } = left;
      const opened = { ...initialState, chartId: id, definition, revision, left: others };
      if (!own) return opened;
      const save: SaveState = own.save.kind === 'failed' ? { kind: 'unsaved' } : own.save;
      return { ...opened, ...own, save, past: [definition] };
    },
    changed(state, { payload: changed }: PayloadAction<ChartDefinition>) {
      const { past, definition } = current(state);
      const payload = definition
        ? withOwnNames(definition, withFollowingWords(definition, changed))
        : changed;
      // A text is written letter by letter, and taken back at once.
      if (definition && !continuesTyping(past.at(-1), definition, payload))
        state.past = [...past.slice(-mostSteps), definition];
      state.future = [];
      state.definition = payload;
      if (state.save.kind !== 'conflict') state.save = { kind: 'unsaved' };
    },
    /** Steps back, over as many changes as told. */
    undone(state, { payload = 1 }: PayloadAction<number | undefined>) {
      walk(state, state.past, state.future, payload);
    },
    redone(state, { payload = 1 }: PayloadAction<number | undefined>) {
      walk(state, state.future, state.past, payload);
    },
    saving(state, { payload }: PayloadAction<number>) {
      heldOf(state, payload).save = { kind: 'saving' };
    },
    /** A change made while the save was under way stays unsaved. */
    saved(state, { payload }: PayloadAction<{ id: number; revision: number; at: number }>) {
      const saved = heldOf(state, payload.id);
      saved.revision = payload.revision;
      if (saved.save.kind === 'saving') {
        saved.save = { kind: 'saved', at: payload.at };
        const { [payload.id]: _, ...left } = state.left;
        state.left = left;
      }
    },
    saveFailed(state, { payload }: PayloadAction<{ id: number; sentence: string }>) {
      heldOf(state, payload.id).save = { kind: 'failed', sentence: payload.sentence };
    },
    retried(state, { payload }: PayloadAction<number>) {
      heldOf(state, payload).save = { kind: 'unsaved' };
    },
    conflicted(state, { payload }: PayloadAction<Chart>) {
      heldOf(state, payload.id).save = { kind: 'conflict', theirs: payload };
    },
    mineKept(state) {
      if (state.save.kind !== 'conflict') return;
      state.revision = state.save.theirs.revision;
      state.save = { kind: 'unsaved' };
    },
    theirsTaken(state) {
      if (state.save.kind !== 'conflict') return;
      const { definition, revision } = state.save.theirs;
      if (state.definition) state.past.push(state.definition);
      state.definition = definition;
      state.revision = revision;
      state.save = { kind: 'saved', at: null };
    },
    closed: (state) => putAway(current(state)),
    highlighted(state, { payload }: PayloadAction<readonly string[]>) {
      state.highlight = [...payload];
    },
  },
});

export const benchActions = benchSlice.actions;
