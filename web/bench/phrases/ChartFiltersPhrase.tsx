import { type ChartDefinition, type ChartFilter, greysLines } from '../../../core/chart';
import { sourceOfFigures } from '../../../core/origins';
import { withDialledFilters } from '../../../core/figures';
import { filterKind } from '../../../core/frame';
import { api } from '../../api';
import { Phrase, SelectField } from '../../controls';
import { type FilterColumn, FiltersFields } from '../../measures';
import { useChange } from '../useBench';
import { FilterDialField } from './FilterDialField';

/** What every series of the chart counts, where its source has the column. */
export function ChartFiltersPhrase({ chart }: { chart: ChartDefinition }) {
  const change = useChange();
  const columns = useColumns(chart);
  const { filters } = chart;
  const put = (next: ChartFilter[]) => change((before) => ({ ...before, filters: next }));
  const turned = withDialledFilters(chart).filters;
  const words = turned.map(({ filter }) => filterKind(filter).say(filter)).join(' and ');
  const splits = chart.series.map(({ split }) => split?.column ?? null);
  return (
    <Phrase words={words || 'with nothing left out'} label="Filters">
      <FiltersFields
        filters={filters.map(({ filter }) => filter)}
        columns={columns}
        onChange={(next) =>
          put(
            next.map((filter) => {
              const before = filters.find((each) => each.filter.column === filter.column);
              return { rest: 'removed' as const, ...before, filter };
            }),
          )
        }
        more={(place) => {
          const own = filters[place];
          if (!own) return null;
          const sourceId = columns.find(({ name }) => name === own.filter.column)?.sourceId ?? 0;
          // Only what is a line of its own can stay in grey.
          const mayGrey = splits.some((column) => greysLines({ ...own, rest: 'grey' }, column));
          return (
            <>
              {mayGrey && (
                <SelectField
                  label="All other lines"
                  value={own.rest}
                  onChange={(rest) =>
                    put(filters.map((each, at) => (at === place ? { ...each, rest } : each)))
                  }
                  options={[
                    { value: 'removed' as const, label: 'are left out' },
                    { value: 'grey' as const, label: 'stay in grey, and count for nothing' },
                  ]}
                />
              )}
              <FilterDialField {...{ chart, place, sourceId }} />
            </>
          );
        }}
      />
    </Phrase>
  );
}

/** The columns of all sources that the chart draws from, each once. */
function useColumns({ series }: ChartDefinition): FilterColumn[] {
  const { data: sources = [] } = api.useSourcesQuery();
  const ids = new Set(series.flatMap(({ figures }) => sourceOfFigures(figures) ?? []));
  const all = sources
    .filter(({ id }) => ids.has(id))
    .flatMap(({ id, columns }) => columns.map((column) => ({ ...column, sourceId: id })));
  return [...new Map([...all].reverse().map((column) => [column.name, column])).values()].reverse();
}
