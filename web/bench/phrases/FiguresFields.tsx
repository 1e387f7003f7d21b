import type { ListedSource } from '../../../contract';
import { draftSeries } from '../../../core/editing';
import {
  type FiguresDefinition,
  figuresEntry,
  measureOf,
  originKind,
  rowsOf,
  sourceOfFigures,
} from '../../../core/origins';
import type { Entry } from '../../../core/sentences';
import { api } from '../../api';
import { ColumnsOf, SettingField, Speaking } from '../../sentences';
import type { SeriesPhraseProps } from '../seriesPhrase';
import { useOthers } from '../useOthers';

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
  const others = useOthers(series.id);
  const put = (chosen: FiguresDefinition) => {
    const source = sources?.find(({ id }) => id === sourceOfFigures(chosen));
    const isOther = sourceOfFigures(chosen) !== sourceOfFigures(figures);
    const next = isOther && source ? inSource(chosen, source) : chosen;
    const measureId = measureOf(next)?.measureId ?? null;
    const measure = source?.measures.find(({ id }) => id === measureId);
    onChange({
      figures: next,
      // A series is called as the measure that it draws.
      ...(measure && measureId !== measureOf(figures)?.measureId && { name: measure.name }),
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

/** Figures over a source that they were not of: what it does not have is chosen anew. */
function inSource(figures: FiguresDefinition, source: ListedSource): FiguresDefinition {
  const rows = rowsOf(figures);
  if (measureOf(figures)) {
    const to = { sourceId: source.id, measureId: source.measures[0]?.id ?? null };
    return originKind(figures).movedTo?.(figures, to) ?? figures;
  }
  if (!rows) return figures;
  const has = (name: string | null) =>
    name === null || source.columns.some((column) => column.name === name);
  return has(rows.column) && has(rows.date) ? figures : draftSeries(source, '', 'other').figures;
}
