import type { SeriesDefinition } from '../../../core/chart';
import { sayTaken } from '../../measures';

/** How a series comes by its figures, as said after its name. */
export function sayFigures({ figures }: SeriesDefinition): string {
  if (figures.kind === 'measure') return 'a measure of its source';
  if (figures.kind === 'formula') return `worked out as ${figures.text || 'nothing yet'}`;
  if (figures.kind === 'constant') return `${figures.number} throughout`;
  return sayTaken(figures);
}
