import { useMemo } from 'react';
import type { Names } from '../../../core/sentences';
import { api } from '../../api';

/** What the lines of a chart can name beside its own parts. */
export function useNamesAround(others: readonly { id: number; title: string }[]): Names {
  const { data: sources } = api.useSourcesQuery();
  return useMemo(() => {
    const known = sources ?? [];
    const named = ({ name, kind }: (typeof known)[number]['columns'][number]) => ({
      id: name,
      name,
      kind,
    });
    const columns = known.flatMap((source) => source.columns.map(named));
    return {
      source: known.map(({ id, name, columns: own, measures }) => ({
        id,
        name,
        columns: own.map(named),
        measures,
        date: own.find(({ kind }) => kind === 'date')?.name ?? '',
      })),
      // A name may stand for columns of several kinds, and of several sources.
      column: [...new Map(columns.map((each) => [`${each.kind} ${each.name}`, each])).values()],
      measure: known.flatMap(({ measures }) => measures),
      chart: others.map(({ id, title }) => ({ id, name: title })),
    };
  }, [sources, others]);
}
