import { useMemo } from 'react';
import type { Names } from '../../../core/sentences';
import { api } from '../../api';

/** What the lines of a chart can name beside its own parts. */
export function useNamesAround(others: readonly { id: number; title: string }[]): Names {
  const { data: sources } = api.useSourcesQuery();
  return useMemo(() => {
    const known = sources ?? [];
    const columns = new Set(known.flatMap((source) => source.columns.map(({ name }) => name)));
    return {
      source: known.map(({ id, name, columns: own }) => ({
        id,
        name,
        date: own.find(({ kind }) => kind === 'date')?.name ?? '',
      })),
      column: [...columns].map((name) => ({ id: name, name })),
      chart: others.map(({ id, title }) => ({ id, name: title })),
    };
  }, [sources, others]);
}
