import { skipToken } from '@reduxjs/toolkit/query';
import type { ChartDefinition, ChartFilter } from '../../../core/chart';
import { withFilterTurned } from '../../../core/editing';
import { sayOffered } from '../../../core/dials';
import { sourceOfFigures } from '../../../core/origins';
import { api } from '../../api';
import { useChange } from '../useBench';
import { Act } from '../../controls';

interface TurnedProps {
  chart: ChartDefinition;
  filter: ChartFilter;
  /** of the filter among those of the chart */
  place: number;
}

/** Lets readers turn a filter by a dial, and says what they learn by one that does. */
export function TurnedByReaders({ chart, filter, place }: TurnedProps) {
  const change = useChange();
  const { data: sources } = api.useSourcesQuery();
  const { column } = filter.filter;
  const ids = chart.series.flatMap(({ figures }) => sourceOfFigures(figures) ?? []);
  const source = sources?.find(
    ({ id, columns }) =>
      ids.includes(id) && columns.some(({ name, kind }) => name === column && kind === 'text'),
  );
  const { data: words } = api.useWordsQuery(source ? { sourceId: source.id, column } : skipToken);
  const dial = chart.dials.find(({ id }) => id === filter.dial);
  if (dial) return <p className="quiet small">{sayOffered(dial)}</p>;
  return (
    <Act onClick={() => change((before) => withFilterTurned(before, place, words ?? []))}>
      Let readers turn {column} by a dial
    </Act>
  );
}
