import { configureStore } from '@reduxjs/toolkit';
import { setupListeners } from '@reduxjs/toolkit/query';
import { api } from '../api';
import { benchSlice, keepUnsaved } from '../bench';

/** What the interface holds: the server's data, and the chart on the bench. */
export const store = configureStore({
  reducer: { [api.reducerPath]: api.reducer, bench: benchSlice.reducer },
  middleware: (defaults) => defaults().concat(api.middleware),
  // What has arrived is shown at once, not with the next frame.
  enhancers: (defaults) => defaults({ autoBatch: { type: 'tick' } }),
});
setupListeners(store.dispatch);
keepUnsaved(store);
