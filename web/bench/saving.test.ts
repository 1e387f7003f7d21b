import { configureStore } from '@reduxjs/toolkit';
import { draftChart } from '../../core/editing';
import { benchActions as act, benchSlice } from './benchSlice';
import { leaveBench, openBench, saveChart, type StoreChart } from './saving';

const definition = draftChart({ id: 1, columns: [{ name: 'Fares', kind: 'number' }] });
const titled = (title: string) => ({ ...definition, title });
const chart = (id: number, title: string, revision = 1) => ({
  id,
  dashboardId: 1,
  place: null,
  definition: titled(title),
  revision,
});

/** A bench with a server that answers when it is told to. */
function bench() {
  const asked: { title: string; revision: number }[] = [];
  const answers: ((answer: { revision: number } | Error | object) => void)[] = [];
  const answer: StoreChart = (_, { definition: { title }, revision }) => {
    asked.push({ title: String(title), revision });
    return new Promise((done, failed) =>
      answers.push((given) =>
        'revision' in given ? done(given as { revision: number }) : failed(given as Error),
      ),
    );
  };
  const store = configureStore({ reducer: { bench: benchSlice.reducer } });
  const settled = () => new Promise((done) => setTimeout(done));
  return {
    store,
    asked,
    settled,
    state: () => store.getState().bench,
    save: (id: number) => store.dispatch(saveChart(id, answer)),
    open: (opened: ReturnType<typeof chart>) => store.dispatch(openBench(opened, answer)),
    leave: () => store.dispatch(leaveBench(answer)),
    title: (title: string) => store.dispatch(act.changed(titled(title))),
    /** The server answers the oldest request that waits. */
    answer: async (given: { revision: number } | object) => {
      await settled();
      answers.shift()?.(given);
      await settled();
    },
  };
}

it('stores a change that was made just before the bench was left', async () => {
  const { open, title, leave, asked, answer, state } = bench();
  open(chart(1, 'A'));
  title('B');
  leave();
  await answer({ revision: 2 });
  expect(asked).toEqual([{ title: 'B', revision: 1 }]);
  expect(state()).toMatchObject({ chartId: null, left: {} });
});

it('stores what was changed while a save was under way, upon that save', async () => {
  const { open, title, leave, save, asked, answer, settled, state } = bench();
  open(chart(2, 'A'));
  title('B');
  void save(2);
  await settled();
  title('C');
  leave();
  await answer({ revision: 2 });
  await answer({ revision: 3 });
  expect(asked).toEqual([
    { title: 'B', revision: 1 },
    { title: 'C', revision: 2 },
  ]);
  expect(state().left).toEqual({});
});

it('stores what was changed of one chart when another is opened in its place', async () => {
  const { open, title, asked, answer, state } = bench();
  open(chart(3, 'A'));
  title('B');
  open(chart(4, 'Other'));
  await answer({ revision: 2 });
  expect(asked).toEqual([{ title: 'B', revision: 1 }]);
  expect(state()).toMatchObject({ chartId: 4, revision: 1, save: { kind: 'saved' }, left: {} });
});

it('keeps what could not be stored until the chart is opened again, one Undo from what is stored', async () => {
  const { open, title, leave, answer, state, store } = bench();
  open(chart(5, 'A'));
  title('B');
  leave();
  await answer({ status: 'FETCH_ERROR' });
  expect(state().left[5]?.save).toMatchObject({ kind: 'failed' });
  open(chart(5, 'A'));
  expect(state()).toMatchObject({
    definition: { title: 'B' },
    save: { kind: 'unsaved' },
    left: {},
  });
  store.dispatch(act.undone());
  expect(state().definition?.title).toBe('A');
});

it('asks when it is opened again whose change stands, where somebody else has changed the chart', async () => {
  const { open, title, leave, answer, state } = bench();
  const theirs = chart(6, 'Theirs', 4);
  open(chart(6, 'A'));
  title('Mine');
  leave();
  await answer({ data: { detail: 'Changed.', code: 'changed-meanwhile', current: theirs } });
  open(theirs);
  expect(state()).toMatchObject({
    definition: { title: 'Mine' },
    save: { kind: 'conflict', theirs },
  });
});

it('tries once more what failed on the bench when that is left', async () => {
  const { open, title, save, leave, asked, answer, state } = bench();
  open(chart(8, 'A'));
  title('B');
  void save(8);
  await answer({ status: 'FETCH_ERROR' });
  leave();
  await answer({ revision: 2 });
  expect(asked).toHaveLength(2);
  expect(state().left).toEqual({});
});
