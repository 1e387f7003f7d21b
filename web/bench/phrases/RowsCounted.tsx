import type { Filter } from '../../../core/frame';
import { rowsOf } from '../../../core/origins';
import { api } from '../../api';
import { FiltersFields } from '../../measures';
import type { SeriesPhraseProps } from '../seriesPhrase';

/** Which rows of its source a series counts. */
export function RowsCounted({ series, onChange }: SeriesPhraseProps) {
  const { data: sources } = api.useSourcesQuery();
  const rows = rowsOf(series.figures);
  if (!rows) return null;
  const { filters, sourceId } = rows;
  const columns = sources?.find(({ id }) => id === sourceId)?.columns ?? [];
  const put = (next: Filter[]) => onChange({ figures: { ...rows, kind: 'rows', filters: next } });
  return (
    <FiltersFields
      filters={filters}
      columns={columns.map((column) => ({ ...column, sourceId }))}
      onChange={put}
    />
  );
}
