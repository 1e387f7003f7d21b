import type { SeriesDefinition } from '../../core/chart';
import { sourceOfFigures } from '../../core/origins';
import { api } from '../api';

/**
 * Changes a series. One that is split anew gets the words of the column in their order, so that each
 * keeps its colour whatever comes later.
 */
export function useOrdered(
  before: SeriesDefinition,
  onChange: (next: SeriesDefinition) => void,
): (next: SeriesDefinition) => void {
  const [ask] = api.useLazyWordsQuery();
  return (next) => {
    const { split } = next;
    const sourceId = sourceOfFigures(next.figures);
    if (!split || split.column === '' || split.column === before.split?.column || !sourceId)
      return onChange(next);
    void ask({ sourceId, column: split.column })
      .unwrap()
      .then((order) => onChange({ ...next, split: { ...split, order, coloured: order } }))
      // Without their order the lines stand as their words come.
      .catch(() => onChange({ ...next, split: { ...split, order: [], coloured: [] } }));
  };
}
