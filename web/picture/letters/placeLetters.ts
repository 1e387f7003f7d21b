import { isWithin, meets } from './box';
import type { Box } from '../geometry';
import type { InkMap } from './inked';
import type { Place } from './sides';

/** Something to be written, and where it may stand. */
export interface WantedLetters {
  /** the line that it names: only that one may pass through it */
  of: string;
  /** ways to write it, the fullest first, each with its places, the best first */
  ways: readonly (() => Iterable<Place>)[];
}

/** Where something is written. */
export interface PlacedLetters {
  box: Box;
  /** which of its ways it is written in */
  way: number;
}

/** What is in the way. */
export interface InTheWay {
  /** nothing is written outside of it */
  within: Box;
  ink: InkMap;
  /** places that are taken already; what is placed is added */
  taken: Box[];
}

/** A place as near as this is better than a clear one farther away. */
const near = 34;

/**
 * Finds places for what is to be written, one after the other: within the panel, on nothing that is
 * written already, and where no line passes through that it does not name; if it can be, not its own
 * either.
 * @param wanted the most important first
 * @returns one entry each; null for what finds no place
 */
export function placeLetters(
  wanted: readonly WantedLetters[],
  way: InTheWay,
): (PlacedLetters | null)[] {
  return wanted.map(({ of, ways }) => {
    for (const [at, places] of ways.entries()) {
      const box = bestOf(places(), of);
      if (!box) continue;
      way.taken.push(box);
      return { box, way: at };
    }
    return null;
  });

  function bestOf(places: Iterable<Place>, of: string): Box | null {
    const { within, taken, ink } = way;
    let clear: Place | null = null;
    let own: Place | null = null;
    for (const place of places) {
      const { box, off } = place;
      if (own && off > near) break;
      if (!isWithin(box, within)) continue;
      const isClear = ink.isFree(box);
      if (!isClear && (own || !ink.isFreeFor(box, of))) continue;
      if (taken.some((other) => meets(box, other))) continue;
      if (!isClear) own = place;
      else {
        clear = place;
        break;
      }
    }
    return (clear ?? own)?.box ?? null;
  }
}
