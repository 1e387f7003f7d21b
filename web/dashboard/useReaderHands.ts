import { useMemo } from 'react';
import type { Day, Grain } from '../../core/calendar';
import type { Narrowing } from '../../core/narrowing';
import type { Span } from '../../core/reading';
import type { At } from '../picture';
import { type Lit, nothingLit } from './litView';
import { type Held, type ReaderView, withHeld, withNarrowing } from './readerView';

/** What a reader does in the charts of a dashboard; one object that stays the same. */
export interface ReaderHands {
  choosePeriod: (chart: number, start: Day) => void;
  chooseGrain: (chart: number, grain: Grain) => void;
  /** looks closer at a stretch of a chart's axis; null: at all of it */
  lookAt: (chart: number, span: Span | null) => void;
  hold: (held: Held) => void;
  /** lets go of held dates, and of what narrows the charts */
  release: () => void;
  narrow: (narrowing: Narrowing) => void;
  widen: (kind: Narrowing['kind']) => void;
  /** highlights lines by their names, in all charts or one; empty: none */
  light: (where: string, names: readonly string[]) => void;
  /** highlights what stands somewhere along the axis; null: nothing */
  lightAt: (where: string, at: At | null) => void;
}

/** A reader's hands on a dashboard. */
export const useReaderHands = (
  change: (next: (before: ReaderView) => Partial<ReaderView>) => void,
): ReaderHands =>
  useMemo(() => {
    const relight = (where: string, next: Partial<Lit>) =>
      change(({ lit }) => ({
        lit: { ...lit, [where]: { ...(lit[where] ?? nothingLit), ...next } },
      }));
    return {
      choosePeriod: (chart, start) =>
        change(({ periods }) => ({ periods: { ...periods, [chart]: start } })),
      chooseGrain: (chart, grain) =>
        change(({ grains }) => ({ grains: { ...grains, [chart]: grain } })),
      lookAt: (chart, span) =>
        change(({ near: { [chart]: _before, ...others } }) => ({
          near: span ? { ...others, [chart]: span } : others,
        })),
      hold: (next) => change(({ held }) => ({ held: withHeld(held, next) })),
      release: () => change(() => ({ held: [], narrowings: [] })),
      narrow: (narrowing) =>
        change(({ narrowings }) => ({ narrowings: withNarrowing(narrowings, narrowing) })),
      widen: (kind) =>
        change(({ narrowings }) => ({
          narrowings: narrowings.filter((each) => each.kind !== kind),
        })),
      light: (where, names) => relight(where, { names }),
      lightAt: (where, at) => relight(where, { at }),
    };
  }, [change]);
