import { endWhatStillRuns } from './startServer';

// A server that a failed test did not stop would keep the whole run from ending.
afterAll(endWhatStillRuns, 60_000);
