import { draftChart } from '../../core/editing';
import { benchActions as act, benchSlice } from './benchSlice';

const { reducer } = benchSlice;
const definition = draftChart({
  id: 1,
  columns: [
    { name: 'Day', kind: 'date' },
    { name: 'Fares', kind: 'number' },
  ],
});
const titled = (title: string) => ({ ...definition, title });
const chart = (title: string, revision = 1) => ({
  id: 7,
  dashboardId: 1,
  definition: titled(title),
  place: null,
  revision,
});

type Action = Parameters<typeof reducer>[1];
const after = (...actions: Action[]) =>
  actions.reduce(reducer, reducer(undefined, act.opened(chart('A'))));

it('goes back and forward step by step, and forgets the way forward at a new change', () => {
  const steps = [act.changed(titled('B')), act.changed(titled('C')), act.undone()];
  expect(after(...steps).definition?.title).toBe('B');
  expect(after(...steps, act.undone()).definition?.title).toBe('A');
  expect(after(...steps, act.undone(), act.undone()).definition?.title).toBe('A');
  expect(after(...steps, act.redone()).definition?.title).toBe('C');
  expect(after(...steps, act.changed(titled('D')), act.redone()).definition?.title).toBe('D');
});

it('takes back a text at once that was written letter by letter', () => {
  const written = ['', 'P', 'Pl', 'Pla', 'Plan'].map((title) => act.changed(titled(title)));
  expect(after(...written).definition?.title).toBe('Plan');
  expect(after(...written, act.undone()).definition?.title).toBe('A');
  expect(after(...written, act.undone(), act.redone()).definition?.title).toBe('Plan');
});

it('keeps a change unsaved that was made while an earlier one was being saved', () => {
  const saving = [act.changed(titled('B')), act.saving(7)];
  expect(after(...saving, act.saved({ id: 7, revision: 2, at: 5 })).save).toEqual({
    kind: 'saved',
    at: 5,
  });
  const meanwhile = after(
    ...saving,
    act.changed(titled('C')),
    act.saved({ id: 7, revision: 2, at: 5 }),
  );
  expect([meanwhile.save.kind, meanwhile.revision, meanwhile.definition?.title]).toEqual([
    'unsaved',
    2,
    'C',
  ]);
});

describe('a conflict', () => {
  const met = [act.changed(titled('Mine')), act.saving(7), act.conflicted(chart('Theirs', 4))];

  it('saves nothing by itself, whatever is changed meanwhile', () => {
    expect(after(...met, act.changed(titled('Mine still'))).save.kind).toBe('conflict');
    expect(after(...met, act.undone()).save.kind).toBe('conflict');
  });

  it('keeps mine on top of theirs', () => {
    const kept = after(...met, act.mineKept());
    expect([kept.save.kind, kept.revision, kept.definition?.title]).toEqual(['unsaved', 4, 'Mine']);
  });

  it('takes theirs, and leaves mine one step back', () => {
    const taken = after(...met, act.theirsTaken());
    expect([taken.save.kind, taken.revision, taken.definition?.title]).toEqual([
      'saved',
      4,
      'Theirs',
    ]);
    expect(reducer(taken, act.undone()).definition?.title).toBe('Mine');
  });
});

it('tries again after a failure, and starts afresh with another chart', () => {
  const failed = [
    act.changed(titled('B')),
    act.saving(7),
    act.saveFailed({ id: 7, sentence: 'No connection.' }),
  ];
  expect(after(...failed).save).toEqual({ kind: 'failed', sentence: 'No connection.' });
  expect(after(...failed, act.retried(7)).save.kind).toBe('unsaved');
  expect(after(act.highlighted(['series']), act.closed())).toEqual(
    reducer(undefined, { type: 'none' }),
  );
});
