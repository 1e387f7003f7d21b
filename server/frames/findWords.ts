import type { Database } from '../database';
import type { FindWords } from '../sources';
import type { FigureReader } from './figureReader';
import { versionColumns } from './versions';

/** Finds the words of columns in the figures thread. */
export const wordFinder =
  (database: Database, figures: FigureReader): FindWords =>
  async (asker, versionId, place) => {
    const version = await versionColumns(database, versionId);
    return version ? figures.find(asker, version, { kind: 'words', place }) : [];
  };
