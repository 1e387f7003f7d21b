import type { ChartDefinition } from '../../core/chart';
import { anyLine, suggestions, type Typed, withTyped } from '../../core/text';
import { type Takeable, useAbout } from '../sentences';
import { useChange } from './useBench';

/**
 * What can be added to a chart of some kinds, each in its own words.
 * @param of as what it would be typed
 */
export function useSuggested(chart: ChartDefinition, of: Typed['of']): () => Takeable[] {
  const about = useAbout();
  const change = useChange();
  return () =>
    suggestions(chart, about)
      .flatMap(({ all }) => all)
      .filter((each) => each.of === of)
      .map((each) => ({
        label: anyLine.print(each, about.names),
        take: () => change((before) => withTyped(before, each)),
      }));
}
