import { boolean, object, string } from 'yup';

/** How a chart is drawn over time when a reader asks for it. */
export interface ReplayDefinition {
  /** readers may have it replayed */
  offered: boolean;
  /** said of the line that is followed, with the slots {count}, {all}, {value}, {name} and {period} */
  words: string;
  /** the words stand under the title too, as of the last figure */
  stands: boolean;
}

/** What holds until the author says otherwise. */
export const plainReplay: ReplayDefinition = { offered: true, words: '', stands: false };

export const replaySchema = object({
  offered: boolean().required(),
  words: string().defined().max(200),
  stands: boolean().required(),
});
