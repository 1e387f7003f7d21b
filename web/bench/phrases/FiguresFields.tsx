import { useMemo } from 'react';
import { draftSeries } from '../../../core/editing';
import {
  type FiguresDefinition,
  figuresEntry,
  measureOf,
  rowsOf,
  sourceOfFigures,
} from '../../../core/origins';
import type { Entry } from '../../../core/sentences';
import { api } from '../../api';
import { ColumnsOf, SettingField, Speaking, useAbout } from '../../sentences';
import type { SeriesPhraseProps } from '../seriesPhrase';

/** Where a series' figures come from, and which rows they count. */
export function FiguresFields({
  series,
  onChange,
  live,
}: SeriesPhraseProps & {
  /** what it comes to now, in words */
  live?: string;
}) {
  const { figures } = series;
  const { data: sources } = api.useSourcesQuery();
  const about = useAbout();
  // Nothing is worked out from itself.
  const others = useMemo(
    () => ({
      ...about,
      names: { ...about.names, series: about.names.series?.filter(({ id }) => id !== series.id) },
    }),
    [about, series.id],
  );
  const put = (next: FiguresDefinition) => {
    const source = sources?.find(({ id }) => id === sourceOfFigures(next));
    const isOther = sourceOfFigures(next) !== sourceOfFigures(figures);
    // Another source has other columns.
    if (isOther && source && rowsOf(next))
      return onChange({
        figures: draftSeries(source, series.id, series.role).figures,
        split: null,
      });
    const called = source?.measures.find(({ id }) => id === measureOf(next)?.measureId)?.name;
    onChange({
      figures: next,
      ...(called &&
        measureOf(figures)?.measureId !== measureOf(next)?.measureId && { name: called }),
      ...((isOther || next.kind !== figures.kind) && { split: null }),
    });
  };
  return (
    <Speaking about={others}>
      <ColumnsOf of={series}>
        <SettingField
          entry={figuresEntry as Entry<unknown>}
          label="Its figures are"
          value={figures}
          onChange={(next) => put(next as FiguresDefinition)}
        />
      </ColumnsOf>
      {live && <p className="small quiet">{live}</p>}
    </Speaking>
  );
}
