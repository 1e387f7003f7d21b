import type {
  Announced,
  BringInStep,
  EarlierChange,
  DeliveryMode,
  FileForm,
  Upload,
} from '../../contract';
import type { Target } from '../sources';

/** What is to be done with an upload. */
export type DeliveryTask = { upload: Upload; form: FileForm } & (
  | { kind: 'understand' }
  | { kind: 'compare'; sourceId: number; mode: DeliveryMode; keys: string[] | null }
  | { kind: 'bring-in'; target: Target; announced: Announced | null }
);

export type DeliveryMessage =
  | BringInStep
  | { kind: 'begun'; versionId: number }
  /** what of the charts it would change is found out beside the rows */
  | { kind: 'earlier'; earlier: EarlierChange };

/** The last word of a process on a task: it can be given another, or is to be ended. */
export type ReadingWord = 'ended' | 'spent';
