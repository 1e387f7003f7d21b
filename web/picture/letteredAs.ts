import type { ReadSeries } from '../../core/reading';
import { letteredIn } from '../look';

/**
 * The shade in which a line's name is written: its own while a part of it is drawn so, else the
 * last that its rules give it.
 */
export function letteredAs({ pieces, stroke }: Pick<ReadSeries, 'pieces' | 'stroke'>): string {
  const own = pieces.some(({ colour }) => colour === stroke.colour);
  const last = pieces.findLast(({ rule }) => rule !== null);
  return letteredIn((!own && last?.colour) || stroke.colour);
}
