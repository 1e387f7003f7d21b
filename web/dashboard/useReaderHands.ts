import { useMemo, useState } from 'react';
import type { Day, Grain } from '../../core/calendar';
import type { Narrowing } from '../../core/chart';
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
  /** the names of the lines that are highlighted; empty: none */
  light: (names: readonly string[]) => void;
}

/** A reader's hands on a dashboard, and the lines they have highlighted; null: as the authors have it. */
export function useReaderHands(
  change: (next: (before: ReaderView) => Partial<ReaderView>) => void,
): { hands: ReaderHands; lit: readonly string[] | null } {
  const [lit, setLit] = useState<readonly string[] | null>(null);
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
      light: setLit,
    }),
    [change],
  );
  return { hands, lit };
}
