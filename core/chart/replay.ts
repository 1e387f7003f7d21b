import { boolean, number, object, string } from 'yup';

/** How a chart is drawn over time when a reader asks for it. */
export interface ReplayDefinition {
  /** readers may have it replayed */
  offered: boolean;
  /** said of the line that is followed, with the slots {count}, {all}, {value}, {name} and {period} */
  words: string;
  /** the words stand under the title too, as of the last figure */
  stands: boolean;
  /** how long all of it takes; missing: ten seconds */
  seconds?: number;
}

/** How long a replay can take, and takes unless somebody says otherwise, in seconds. */
export const replaySeconds = { least: 1, most: 120, usual: 10 };

/** What holds until the author says otherwise. */
export const plainReplay: ReplayDefinition = { offered: true, words: '', stands: false };

export const replaySchema = object({
  offered: boolean().required(),
  words: string().defined().max(200),
  stands: boolean().required(),
  seconds: number().integer().min(replaySeconds.least).max(replaySeconds.most).optional(),
});
