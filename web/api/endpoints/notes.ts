import type { Note } from '../../../contract';
import type { Build } from './build';
import { post, put, remove } from './requests';

export type NewNote = Pick<Note, 'day' | 'series' | 'text' | 'colour'>;

/** Notes on charts. */
export const notesEndpoints = (build: Build) => ({
  writeNote: build.mutation<Note, NewNote & { chartId: number }>({
    query: ({ chartId, ...body }) => post(`charts/${chartId}/notes`, body),
    extraOptions: { shape: 'note' },
    invalidatesTags: ['Dashboard'],
  }),
  changeNote: build.mutation<Note, NewNote & { id: number; revision: number }>({
    query: ({ id, ...body }) => put(`notes/${id}`, body),
    extraOptions: { shape: 'note' },
    invalidatesTags: ['Dashboard'],
  }),
  removeNote: build.mutation<unknown, number>({
    query: (id) => remove(`notes/${id}`),
    invalidatesTags: ['Dashboard'],
  }),
  restoreNote: build.mutation<unknown, number>({
    query: (id) => post(`notes/${id}/restore`),
    invalidatesTags: ['Dashboard'],
  }),
});
