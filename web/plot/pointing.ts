import { useSyncExternalStore } from 'react';
import type { Day } from '../../core/calendar';

/** The day that is pointed at, and the chart in which. */
export interface PointedDay {
  day: Day;
  chart: number;
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
    if (next?.day === this.at?.day && next?.chart === this.at?.chart) return;
    this.at = next;
    this.listeners.forEach((listener) => listener());
  }
}

/** A chart's part in what is pointed at and held on its dashboard. */
export interface Linked {
  pointing: Pointing;
  chart: number;
  /** the days that are held, at most two */
  held: readonly Day[];
  onHold: (day: Day) => void;
  onRelease: () => void;
}

/** The day pointed at in another chart; null when there is none. */
export function usePointedElsewhere({ pointing, chart }: Linked): Day | null {
  const at = useSyncExternalStore(pointing.subscribe, pointing.current);
  return at && at.chart !== chart ? at.day : null;
}
