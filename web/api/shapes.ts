import {
  chartShape,
  createdShape,
  dashboardShape,
  measuresShape,
  measureValueShape,
  noteShape,
  removedSourcesShape,
  revisedShape,
  sessionShape,
  sharingShape,
  sourceDetailShape,
  wordsShape,
  workedOutShape,
} from '../../contract';

/** What the server's answers must look like, by the name that the questions give. */
export const shapes = {
  chart: chartShape,
  created: createdShape,
  dashboard: dashboardShape,
  measures: measuresShape,
  measureValue: measureValueShape,
  note: noteShape,
  removedSources: removedSourcesShape,
  revised: revisedShape,
  session: sessionShape,
  sharing: sharingShape,
  source: sourceDetailShape,
  words: wordsShape,
  workedOut: workedOutShape,
};
