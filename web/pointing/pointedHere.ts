import { type FocusEvent, type PointerEvent, useMemo, useSyncExternalStore } from 'react';
import { isStill } from './stillMouse';
import type { Pointed } from './pointed';

/**
 * Where one chart is pointed at, for whatever stands beside it: a move of the pointer reaches the
 * picture and the read-out alone.
 */
export class PointedHere {
  private at: Pointed | null = null;
  private readonly listeners = new Set<() => void>();

  readonly current = () => this.at;

  readonly subscribe = (listener: () => void) => {
    this.listeners.add(listener);
    return () => void this.listeners.delete(listener);
  };

  readonly point = (next: Pointed | null) => {
    if (next === this.at) return;
    this.at = next;
    this.listeners.forEach((listener) => listener());
  };
}

/** What is pointed at in a chart; null while nothing is. */
export const usePointedHere = ({ subscribe, current }: PointedHere): Pointed | null =>
  useSyncExternalStore(subscribe, current);

/**
 * Lets go of what is pointed at once pointer or focus leave what the chart stands in: on the way to what
 * can be done with it, it stays.
 */
export const useLetGo = ({ point }: PointedHere) =>
  useMemo(
    () => ({
      onPointerLeave: (event: PointerEvent) => {
        if (event.pointerType === 'mouse' && !isStill(event)) point(null);
      },
      onBlur: ({ currentTarget, relatedTarget }: FocusEvent) => {
        const isMenu = (relatedTarget as HTMLElement | null)?.closest('[role=menu]');
        if (!isMenu && !currentTarget.contains(relatedTarget)) point(null);
      },
    }),
    [point],
  );
