import { useMemo } from 'react';
import { type ChartDefinition, type ChartFilter, greysLines } from '../../../core/chart';
import { withDialledFilters } from '../../../core/figures';
import { filterKind } from '../../../core/frame';
import { sourceOfFigures } from '../../../core/origins';
import { type Entry, several } from '../../../core/sentences';
import { filterLine } from '../../../core/text';
import { Phrase } from '../../controls';
import { SettingField, Speaking, useAbout } from '../../sentences';
import { useChange } from '../useBench';
import { TurnedByReaders } from './TurnedByReaders';

const filters = several(filterLine) as Entry<unknown>;

/** What every series of the chart counts, where its source has the column. */
export function ChartFiltersPhrase({ chart }: { chart: ChartDefinition }) {
  const change = useChange();
  const about = useDrawnFrom(chart);
  const splits = chart.series.map(({ split }) => split?.column ?? null);
  // Only what is a line of its own can stay in grey.
  const idle = (filter: object, path: string) =>
    path === 'rest' &&
    !splits.some((column) => greysLines({ ...(filter as ChartFilter), rest: 'grey' }, column));
  const turned = withDialledFilters(chart).filters;
  const words = turned.map(({ filter }) => filterKind(filter).say(filter)).join(' and ');
  return (
    <Phrase words={words || 'with nothing left out'} label="Filters">
      <Speaking {...{ about, idle }}>
        <SettingField
          entry={filters}
          label="Only where"
          value={chart.filters}
          onChange={(next) => change((before) => ({ ...before, filters: next as ChartFilter[] }))}
        />
      </Speaking>
      {chart.filters.map((filter, place) => (
        <TurnedByReaders key={place} {...{ chart, filter, place }} />
      ))}
    </Phrase>
  );
}

/** What the sentences of filters can name: the sources that the chart draws from, and their columns. */
function useDrawnFrom({ series }: ChartDefinition) {
  const about = useAbout();
  return useMemo(() => {
    const ids = new Set(series.flatMap(({ figures }) => sourceOfFigures(figures) ?? []));
    const source = about.names.source?.filter(({ id }) => ids.has(Number(id))) ?? [];
    const columns = source.flatMap((each) => each.columns ?? []);
    const column = [...new Map([...columns].reverse().map((each) => [each.id, each])).values()];
    return { ...about, names: { ...about.names, source, column: column.reverse() } };
  }, [about, series]);
}
