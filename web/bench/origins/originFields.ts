import type { FiguresDefinition } from '../../../core/origins';
import type { SeriesPhraseProps } from '../seriesPhrase';

/** What the fields of one kind of origin work on. */
export interface OriginFieldsProps<
  Kind extends FiguresDefinition['kind'],
> extends SeriesPhraseProps {
  figures: Extract<FiguresDefinition, { kind: Kind }>;
  /** what the series comes to now, in words */
  live?: string;
}
