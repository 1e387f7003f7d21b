import { rowsOf } from '../../../core/origins';
import { Checkbox } from 'antd';
import { type Filter, filterKind } from '../../../core/frame';
import { api } from '../../api';
import { Phrase } from '../../controls';
import { FiltersFields } from '../../measures';
import type { SeriesPhraseProps } from '../seriesPhrase';

/** Which rows of its source a series counts. */
export function FiltersPhrase({ series, onChange }: SeriesPhraseProps) {
  const { data: sources } = api.useSourcesQuery();
  const { figures } = series;
  const rows = rowsOf(figures);
  if (!rows) return null;
  const { filters, sourceId } = rows;
  const columns = sources?.find(({ id }) => id === sourceId)?.columns ?? [];
  const put = (next: Filter[]) => onChange({ figures: { ...rows, kind: 'rows', filters: next } });
  const words = filters.map((filter) => filterKind(filter).say(filter)).join(' and ');
  return (
    <>
      {', of '}
      <Phrase words={`${words || 'all rows'}${series.fixed ? ', kept' : ''}`} label="Rows counted">
        <FiltersFields
          filters={filters}
          columns={columns.map((column) => ({ ...column, sourceId }))}
          onChange={put}
        />
        <Checkbox
          checked={series.fixed ?? false}
          onChange={({ target }) => onChange({ fixed: target.checked })}
        >
          Kept as it is, whatever else is filtered
        </Checkbox>
      </Phrase>
    </>
  );
}
