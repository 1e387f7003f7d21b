import type { BringInStep, DeliveryMode, FileForm, Upload } from '../../contract';
import type { Target } from '../sources';

/** What the worker is to do with an upload. */
export type DeliveryTask = { upload: Upload; form: FileForm } & (
  | { kind: 'understand' }
  | { kind: 'compare'; sourceId: number; mode: DeliveryMode; keys: string[] | null }
  | { kind: 'bring-in'; target: Target }
);

export type DeliveryMessage = BringInStep | { kind: 'begun'; versionId: number };
