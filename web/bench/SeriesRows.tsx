import { useDispatch } from 'react-redux';
import {
  type ChartDefinition,
  type Colour,
  draftSeries,
  freshId,
  type Role,
  roles,
  type SeriesDefinition,
  withMark,
  withoutSeries,
} from '../../core/chart';
import { writeFigure } from '../../core/labels';
import type { Reading, ReadSeries } from '../../core/reading';
import { api } from '../api';
import { SelectField } from '../controls';
import { StrokeSample, toastUndo } from '../look';
import { AddMenu } from './AddMenu';
import { possibleMarks } from './AgainstSetting';
import { benchActions } from './benchSlice';
import { ColourField } from './fields';
import { FiguresFields } from './FiguresFields';
import { ListRow, ListSection } from './ListRow';
import { useBenchState, useChange } from './useBench';

export const roleWords: Record<Role, string> = {
  actual: 'actual',
  target: 'target',
  budget: 'budget',
  forecast: 'forecast',
  yearBefore: 'year before',
  other: 'other',
};

/** The series of a chart; the lines of a split are listed one by one. */
export function SeriesRows({
  chart,
  reading,
}: {
  chart: ChartDefinition;
  reading: Reading | null;
}) {
  const change = useChange();
  const { highlight } = useBenchState();
  const dispatch = useDispatch();
  const { data: sources } = api.useSourcesQuery();
  const ids = chart.series.map(({ id }) => id);
  const add = (sourceId: number) => {
    const source = sources?.find(({ id }) => id === sourceId);
    if (!source) return;
    change((before) => ({
      ...before,
      series: [...before.series, draftSeries(source, freshId('series', ids), 'other')],
    }));
  };
  const toggle = (id: string) => dispatch(benchActions.highlighted(highlight === id ? null : id));
  const rows = chart.series.flatMap((definition) => {
    const lines =
      reading?.series.filter(({ definitionId }) => definitionId === definition.id) ?? [];
    const shown: (ReadSeries | null)[] = lines.length > 0 ? lines : [null];
    return shown.map((line) => (
      <ListRow
        key={line?.id ?? definition.id}
        sample={line && <StrokeSample stroke={line.stroke} rules={ruleColours(chart, line)} />}
        name={line?.name ?? definition.name}
        found={foundWords(definition, line, reading)}
        figure={
          line && line.last !== null && reading
            ? writeFigure(line.figures[line.last] ?? 0, reading.format)
            : ''
        }
        highlighted={line !== null && highlight === line.id}
        onHighlight={line ? () => toggle(line.id) : undefined}
      >
        <SeriesSettings chart={chart} series={definition} />
      </ListRow>
    ));
  });
  return (
    <ListSection
      title="Series"
      empty="No series yet: add one from a source."
      add={
        <AddMenu
          items={
            sources?.map(({ id, name }) => ({ label: `from ${name}`, add: () => add(id) })) ?? []
          }
        />
      }
    >
      {rows}
    </ListSection>
  );
}

/** A line whose rules colour it shows their colours. */
function ruleColours(chart: ChartDefinition, line: ReadSeries): Colour[] {
  if (!line.comparison) return [];
  return chart.colourRules
    .filter(({ series }) => series === line.definitionId)
    .map(({ colour }) => colour)
    .reverse();
}

function foundWords(
  definition: SeriesDefinition,
  line: ReadSeries | null,
  reading: Reading | null,
): string {
  const role = roleWords[definition.role];
  if (!line || line.last === null) return `${role}, no figure`;
  const missing = line.figures
    .slice(
      line.figures.findIndex((figure) => figure !== null),
      line.last,
    )
    .filter((figure) => figure === null).length;
  return `${role}, to ${reading?.periods[line.last]?.label ?? ''}${missing > 0 ? `, ${missing} missing` : ''}`;
}

function SeriesSettings({ chart, series }: { chart: ChartDefinition; series: SeriesDefinition }) {
  const change = useChange();
  const dispatch = useDispatch();
  const set = (more: Partial<SeriesDefinition>) =>
    change((before) => ({
      ...before,
      series: before.series.map((each) => (each.id === series.id ? { ...each, ...more } : each)),
    }));
  const remove = () => {
    change((before) => withoutSeries(before, series.id));
    toastUndo(`${series.name} removed.`, () => dispatch(benchActions.undone()));
  };
  const hold = (against: string) =>
    change((before) =>
      withMark(
        before,
        series.id,
        against ? { against, good: series.mark?.good ?? 'atLeast' } : null,
      ),
    );
  const marks = possibleMarks(chart, series);
  return (
    <>
      <SelectField
        label="Stands for"
        value={series.role}
        onChange={(role) => set({ role })}
        options={roles.map((role) => ({ value: role, label: roleWords[role] }))}
      />
      <FiguresFields series={series} onChange={set} />
      <SelectField
        label="Held against"
        value={series.mark?.against ?? ''}
        onChange={hold}
        options={[
          { value: '', label: 'nothing' },
          ...marks.map(({ id, name }) => ({ value: id, label: name })),
        ]}
      />
      {!series.split && (
        <ColourField value={series.colour} onChange={(colour) => set({ colour })} />
      )}
      <button type="button" className="act" onClick={remove} disabled={chart.series.length === 1}>
        Remove {series.name}
      </button>
    </>
  );
}
