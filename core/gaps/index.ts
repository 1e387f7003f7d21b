import { bridged } from './bridged';
import { carried } from './carried';
import type { Gap } from './gap';
import { open } from './open';
import { zero } from './zero';

/** Every way to draw a period without a figure, in the order in which they are offered. */
export const gapKinds: readonly Gap[] = [open, bridged, carried, zero];
export const gaps = ['open', 'bridged', 'carried', 'zero'] as const;
export type GapTreatment = (typeof gaps)[number];

/** The treatment of a series' gaps: its words and what it fills. */
export const gapKind = (treatment: GapTreatment) =>
  gapKinds.find(({ kind }) => kind === treatment) as Gap;

export type { Gap };
