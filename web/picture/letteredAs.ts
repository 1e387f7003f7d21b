import type { ReadSeries } from '../../core/reading';
import { letteredIn } from '../look';

/**
 * The shade in which a line's name is written: its own while a part of it is drawn so, else the
 * last that its rules give it, or the one of what is not judged where none catches anything.
 */
export function letteredAs({ pieces, stroke }: Pick<ReadSeries, 'pieces' | 'stroke'>): string {
  const own = pieces.some(({ colour }) => colour === stroke.colour);
  const last = pieces.findLast(({ rule }) => rule !== null);
  return letteredIn((!own && (last ?? pieces[0])?.colour) || stroke.colour);
}
