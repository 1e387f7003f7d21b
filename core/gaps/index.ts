import type { Gap } from './gap';
import { treatments } from './kinds';

/** How a period without a figure is drawn, between a line's first and last one. */
export type GapTreatment = (typeof treatments)[number]['kind'];

/** Every way, in the order in which they are offered. */
export const gapKinds: readonly Gap<GapTreatment>[] = treatments;
export const gaps = gapKinds.map(({ kind }) => kind);

/** The treatment of a series' gaps: its words and what it fills. */
export const gapKind = (treatment: GapTreatment) =>
  gapKinds.find(({ kind }) => kind === treatment) as Gap<GapTreatment>;
