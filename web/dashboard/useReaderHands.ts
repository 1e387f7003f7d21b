import { useMemo, useState } from 'react';
import type { Day, Grain } from '../../core/calendar';
import type { Narrowing } from '../../core/narrowing';
import type { Span } from '../../core/reading';
import { type ReaderView, withHeld, withNarrowing } from './readerView';

/** What a reader does in the charts of a dashboard; one object that stays the same. */
export interface ReaderHands {
  choosePeriod: (chart: number, start: Day) => void;
  chooseGrain: (chart: number, grain: Grain) => void;
  /** looks closer at a stretch of a chart's axis; null: at all of it */
  lookAt: (chart: number, span: Span | null) => void;
  hold: (day: Day) => void;
  /** lets go of held dates, and of what narrows the charts */
  release: () => void;
  narrow: (narrowing: Narrowing) => void;
  widen: (kind: Narrowing['kind']) => void;
  /** highlights lines by their names; empty: none */
  light: (names: readonly string[]) => void;
  /** highlights the period of a day; null: none */
  lightDay: (day: Day | null) => void;
}

/** What a reader has highlighted. */
export interface Lit {
  /** the names of the lines; null: as the authors have it */
  names: readonly string[] | null;
  /** a day of the period; null: none */
  day: Day | null;
}

export const nothingLit: Lit = { names: null, day: null };

/** A reader's hands on a dashboard, and what they have highlighted. */
export function useReaderHands(
  change: (next: (before: ReaderView) => Partial<ReaderView>) => void,
): { hands: ReaderHands; lit: Lit } {
  const [lit, setLit] = useState(nothingLit);
  const hands = useMemo(
    (): ReaderHands => ({
      choosePeriod: (chart, start) =>
        change(({ periods }) => ({ periods: { ...periods, [chart]: start } })),
      chooseGrain: (chart, grain) =>
        change(({ grains }) => ({ grains: { ...grains, [chart]: grain } })),
      lookAt: (chart, span) =>
        change(({ near: { [chart]: _before, ...others } }) => ({
          near: span ? { ...others, [chart]: span } : others,
        })),
      hold: (day) => change(({ held }) => ({ held: withHeld(held, day) })),
      release: () => change(() => ({ held: [], narrowings: [] })),
      narrow: (narrowing) =>
        change(({ narrowings }) => ({ narrowings: withNarrowing(narrowings, narrowing) })),
      widen: (kind) =>
        change(({ narrowings }) => ({
          narrowings: narrowings.filter((each) => each.kind !== kind),
        })),
      light: (names) => setLit((before) => ({ ...before, names })),
      lightDay: (day) => setLit((before) => ({ ...before, day })),
    }),
    [change],
  );
  return { hands, lit };
}
