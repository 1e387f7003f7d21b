import { skipToken } from '@reduxjs/toolkit/query';
import { type ChartDefinition, plainStroke, type SeriesDefinition } from '../../core/chart';
import {
  draftSeries,
  freshId,
  type NamedRows,
  namingColumns,
  nextPlace,
  withWorkedOut,
  workedOutElsewhere,
} from '../../core/editing';
import { rowsOf, sourceOfFigures } from '../../core/origins';
import { api } from '../api';
import type { Takeable } from '../sentences';
import { useBenchState, useChange } from './useBench';

/**
 * What can be added to the series of a chart: figures of a source, the rows of one, what is worked out
 * here or was in another chart.
 * @param onTick shows the rows of a source that can be ticked
 * @param ready the picture is there: what other charts work out is asked for once it is
 */
export function useSeriesOffers(
  chart: ChartDefinition,
  onTick: (rows: NamedRows) => void,
  ready: boolean,
): () => Takeable[] {
  const change = useChange();
  const { chartId } = useBenchState();
  const { data: sources = [] } = api.useSourcesQuery();
  const { data: others = [] } = api.useWorkedOutQuery(ready && chartId ? chartId : skipToken);
  const ids = chart.series.map(({ id }) => id);
  const put = (series: SeriesDefinition) =>
    change((before) => ({
      ...before,
      // Its place in the palette is its own from now on, whatever is added or removed later.
      series: [
        ...before.series,
        { ...series, stroke: { ...series.stroke, place: nextPlace(before) } },
      ],
    }));
  const add = (source: (typeof sources)[number]) => {
    const drawn = chart.series.flatMap(({ figures }) => {
      const rows = rowsOf(figures);
      return rows?.sourceId === source.id ? (rows.column ?? []) : [];
    });
    put(draftSeries(source, freshId('series', ids), 'other', drawn));
  };
  const work = () => {
    const [first] = chart.series;
    if (!first) return;
    put({
      ...first,
      id: freshId('formula', ids),
      name: 'Formula',
      role: 'other',
      figures: { kind: 'formula', text: '' },
      derived: null,
      split: null,
      mark: null,
      handover: null,
      hidden: false,
      stroke: plainStroke,
    });
  };
  return () => {
    const drawn = new Set(chart.series.map(({ figures }) => sourceOfFigures(figures)));
    return [
      ...sources.map((source) => ({ label: `from ${source.name}`, take: () => add(source) })),
      ...sources
        .filter(({ id }) => drawn.has(id))
        .flatMap((source) =>
          namingColumns(source).map((column) => ({
            label: `rows of ${source.name}, by their ${column}`,
            take: () => onTick({ source, column }),
          })),
        ),
      { label: 'worked out from others', take: work },
      ...workedOutElsewhere(chart, others).map((each) => ({
        label: `${each.series.name} = ${each.formula}, as in ${each.from.title}`,
        take: () => change((before) => withWorkedOut(before, each)),
      })),
    ];
  };
}
