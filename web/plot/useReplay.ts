import { useEffect, useState, useSyncExternalStore } from 'react';
import { replaySeconds } from '../../core/chart';

/** A chart that is being drawn over time. */
export interface Replay {
  /** how far it has come: a place among the positions, or between two */
  at: number;
  playing: boolean;
  /** how long all of it takes, in seconds */
  seconds: number;
  /** it begins again when it has ended */
  loops: boolean;
  /** nothing may move by itself: it is stepped through */
  still: boolean;
  play: () => void;
  pause: () => void;
  /** goes to a place, and stands there */
  seek: (place: number) => void;
  setSeconds: (seconds: number) => void;
  setLoops: (loops: boolean) => void;
}

const reduced = window.matchMedia('(prefers-reduced-motion: reduce)');
const onReduced = (listen: () => void) => {
  reduced.addEventListener('change', listen);
  return () => reduced.removeEventListener('change', listen);
};

/**
 * Draws over time: once, and again only where that was asked for.
 * @param last the place of the last position
 * @param offered how long its author has all of it take, in seconds
 */
export function useReplay(last: number, offered = replaySeconds.usual): Replay {
  const still = useSyncExternalStore(onReduced, () => reduced.matches);
  const [at, setAt] = useState(0);
  const [wanted, setPlaying] = useState(false);
  const [chosen, setSeconds] = useState<number | null>(null);
  const seconds = chosen ?? offered;
  const [loops, setLoops] = useState(false);
  const playing = wanted && !still;
  useEffect(() => {
    if (!playing) return;
    let before = performance.now();
    let frame = requestAnimationFrame(function next(now) {
      const step = ((now - before) / 1000 / seconds) * last;
      before = now;
      setAt((place) => Math.min(last, place + step));
      frame = requestAnimationFrame(next);
    });
    return () => cancelAnimationFrame(frame);
  }, [playing, seconds, last]);
  if (playing && at >= last) {
    if (loops) setAt(0);
    else setPlaying(false);
  }
  return {
    at,
    playing,
    seconds,
    loops,
    still,
    play: () => {
      if (at >= last) setAt(0);
      setPlaying(true);
    },
    pause: () => setPlaying(false),
    seek: (place) => {
      setPlaying(false);
      setAt(Math.max(0, Math.min(last, place)));
    },
    setSeconds,
    setLoops,
  };
}
