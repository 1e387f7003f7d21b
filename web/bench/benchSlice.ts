import { createSlice, current, type PayloadAction } from '@reduxjs/toolkit';
import type { Chart } from '../../contract';
import { type ChartDefinition, goesOnWriting } from '../../core/chart';

/** Whether what is on the bench is what the server has. */
export type SaveState =
  | { kind: 'saved'; at: number | null }
  | { kind: 'unsaved' }
  | { kind: 'saving' }
  | { kind: 'failed'; sentence: string }
  | { kind: 'conflict'; theirs: Chart };

interface BenchState {
  chartId: number | null;
  definition: ChartDefinition | null;
  revision: number;
  past: ChartDefinition[];
  future: ChartDefinition[];
  save: SaveState;
  /** the ids of the lines that are highlighted */
  highlight: string[];
}

const initialState: BenchState = {
  chartId: null,
  definition: null,
  revision: 0,
  past: [],
  future: [],
  save: { kind: 'saved', at: null },
  highlight: [],
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

/** The chart on the bench: its definition as it stands, and the way back. */
export const benchSlice = createSlice({
  name: 'bench',
  initialState,
  reducers: {
    opened(_, { payload }: PayloadAction<Chart>): BenchState {
      const { id, definition, revision } = payload;
      return { ...initialState, chartId: id, definition, revision };
    },
    changed(state, { payload }: PayloadAction<ChartDefinition>) {
      const { past, definition } = current(state);
      // A text is written letter by letter, and taken back at once.
      if (definition && !goesOnWriting(past.at(-1), definition, payload))
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
    saving(state) {
      state.save = { kind: 'saving' };
    },
    /** A change made while the save was under way stays unsaved. */
    saved(state, { payload }: PayloadAction<{ revision: number; at: number }>) {
      state.revision = payload.revision;
      if (state.save.kind === 'saving') state.save = { kind: 'saved', at: payload.at };
    },
    saveFailed(state, { payload }: PayloadAction<string>) {
      state.save = { kind: 'failed', sentence: payload };
    },
    retried(state) {
      state.save = { kind: 'unsaved' };
    },
    conflicted(state, { payload }: PayloadAction<Chart>) {
      state.save = { kind: 'conflict', theirs: payload };
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
    closed: () => initialState,
    highlighted(state, { payload }: PayloadAction<readonly string[]>) {
      state.highlight = [...payload];
    },
  },
});

export const benchActions = benchSlice.actions;
