import { useSyncExternalStore } from 'react';
import type { Day, Grain } from '../../core/calendar';
import type { PeekLine } from '../../core/chart';
import type { Narrowing } from '../../core/narrowing';
import type { At } from '../picture';

/** The day that is pointed at, and the chart in which. */
export interface PointedDay {
  day: Day;
  chart: number;
  /** the first day of its period, and the first after it */
  period: { start: Day; next: Day };
  /** the id of the line that is pointed at; null beside all lines */
  line: string | null;
  /** the picture, and how far from its left edge the day stands, in pixels */
  frame: HTMLElement;
  x: number;
}

/**
 * Where a reader points, shared by the charts of a dashboard. It stands beside React's state: a move
 * of the pointer must reach the lines over the pictures alone, and nothing else of the page.
 */
export class Pointing {
  private at: PointedDay | null = null;
  private readonly listeners = new Set<() => void>();

  readonly current = () => this.at;

  readonly subscribe = (listener: () => void) => {
    this.listeners.add(listener);
    return () => void this.listeners.delete(listener);
  };

  /** Points at a day; null when nothing is pointed at any more. */
  point(next: PointedDay | null) {
    const same = next?.day === this.at?.day && next?.line === this.at?.line;
    if (same && next?.chart === this.at?.chart) return;
    this.at = next;
    this.listeners.forEach((listener) => listener());
  }
}

/** A date to be held, and the period as which it was. */
export interface HeldDate {
  day: Day;
  grain: Grain;
}

/** A chart's part in what is pointed at and held on its dashboard. */
export interface Linked {
  pointing: Pointing;
  chart: number;
  /** the days that are held, at most two */
  held: readonly Day[];
  onHold: (held: HeldDate) => void;
  /** what is highlighted along the axis; null for nothing */
  lit: At | null;
  onLight: (at: At | null) => void;
  /** lets go of all of it */
  onRelease: () => void;
  /** how the line at what is pointed at elsewhere is drawn; missing: as usual */
  look?: PeekLine;
  /** no read-out stands beside it: values are written at their points */
  valued?: true;
  /** how what is picked here narrows the other charts; missing where it narrows none */
  narrowing?: NarrowingHand;
}

/** What is picked in a chart, to narrow the others. */
export interface NarrowingHand {
  /** what is picked here now */
  picked: readonly Narrowing[];
  /** picks in place of what was picked of its kind */
  onPick: (what: Picked) => void;
  onLetGo: (kind: Narrowing['kind']) => void;
}

/** What is picked, without the chart that it is picked in. */
export type Picked = Narrowing extends infer Each
  ? Each extends Narrowing
    ? Omit<Each, 'chart'>
    : never
  : never;

const nothing = new Pointing();

/** The day pointed at in another chart; null when there is none, or the chart stands alone. */
export function usePointedElsewhere(linked: Linked | undefined): Day | null {
  const { subscribe, current } = linked?.pointing ?? nothing;
  return useSyncExternalStore(subscribe, () => {
    const at = current();
    return at && at.chart !== linked?.chart ? at.day : null;
  });
}
