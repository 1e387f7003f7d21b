import { rowsOf } from '../../../core/origins';
import { Checkbox, Radio } from 'antd';
import {
  type ChartDefinition,
  type GoodSide,
  type MarkDefinition,
  type SeriesDefinition,
} from '../../../core/chart';
import { draftRole, draftSeries, freshId, nextPlace, withMark } from '../../../core/editing';
import { heldAs } from '../../../core/yardsticks';
import { api } from '../../api';
import { Phrase, SelectField } from '../../controls';
import { useChange } from '../useBench';

const goodWords: Record<GoodSide, string> = {
  atLeast: 'at least',
  atMost: 'at most',
  within: 'within',
};

/** What the main series is held against, and which side is the good one. */
export function AgainstSetting({
  chart,
  main,
}: {
  chart: ChartDefinition;
  main: SeriesDefinition;
}) {
  const change = useChange();
  const { data: sources } = api.useSourcesQuery();
  const marks = possibleMarks(chart, main);
  const held = marks.find(({ id }) => id === main.mark?.against);
  const good = main.mark?.good ?? 'atLeast';
  const hold = (against: string, side: GoodSide) => {
    const other = side === 'within' ? 'atLeast' : side;
    const isBand = marks.some((each) => each.id === against && each.band);
    const mark = { ...main.mark, against, good: isBand ? 'within' : other } as const;
    change((before) => withMark(before, main.id, against ? mark : null));
  };
  const set = (more: Partial<MarkDefinition>) =>
    main.mark &&
    change((before) => withMark(before, main.id, { ...(main.mark as MarkDefinition), ...more }));
  const add = (choice: string) => {
    const [sourceId, column] = JSON.parse(choice) as [number, string];
    const source = sources?.find(({ id }) => id === sourceId);
    if (source) change((before) => addBudget(before, main, source, column, good));
  };
  return (
    <>
      {held ? 'to be ' : 'held against '}
      <Phrase words={held ? `${goodWords[good]} ${held.name}` : 'nothing yet'} label="Held against">
        <SelectField
          label="Held against"
          value={held?.id ?? ''}
          onChange={(id) => hold(id, good)}
          options={[
            { value: '', label: 'nothing' },
            ...marks.map(({ id, name }) => ({ value: id, label: name })),
          ]}
        />
        <SelectField
          label="or a budget or target from a source"
          name="Budget or target from a source"
          value={null}
          placeholder="Choose its column"
          onChange={add}
          options={sources?.map(({ id, name, columns }) => ({
            label: name,
            options: columns
              .filter(({ kind }) => kind === 'number')
              .map((column) => ({
                value: JSON.stringify([id, column.name]),
                label: column.name,
              })),
          }))}
        />
        <div className="field">
          <span>The good side</span>
          <Radio.Group
            value={good}
            aria-label="The good side"
            onChange={(event) => hold(held?.id ?? '', event.target.value as GoodSide)}
            disabled={!held || held.band}
            options={[
              { value: 'atLeast', label: 'at least that, as for revenue' },
              { value: 'atMost', label: 'at most that, as for spending' },
            ]}
            vertical
          />
        </div>
        {main.mark && (
          <Checkbox
            checked={main.mark.pace ?? false}
            onChange={({ target }) => set({ pace: target.checked })}
          >
            Draw on the pace that is needed
          </Checkbox>
        )}
        {main.mark && (
          <Checkbox
            checked={main.mark.toDate ?? false}
            onChange={({ target }) => set({ toDate: target.checked })}
          >
            Judge the open period too, against its share to date
          </Checkbox>
        )}
      </Phrase>
    </>
  );
}

/** Other series, level lines and bands; a level taken from the series itself, too. */
function possibleMarks(
  chart: ChartDefinition,
  series: SeriesDefinition,
): { id: string; name: string; band: boolean }[] {
  const lines = chart.yardsticks.flatMap((each) =>
    'name' in each && heldAs(each)
      ? [{ id: each.id, name: each.name, band: heldAs(each) === 'band' }]
      : [],
  );
  const others = chart.series.filter(
    ({ id, mark }) => id !== series.id && mark?.against !== series.id,
  );
  return [...others.map(({ id, name }) => ({ id, name, band: false })), ...lines];
}

type SourceColumns = Parameters<typeof draftSeries>[0];

/** Adds a budget's column as a series, and holds the main series against it. */
function addBudget(
  chart: ChartDefinition,
  main: SeriesDefinition,
  source: SourceColumns,
  column: string,
  good: GoodSide,
): ChartDefinition {
  const id = freshId(
    'budget',
    chart.series.map((each) => each.id),
  );
  const drafted = draftSeries(source, id, 'budget');
  const figures = rowsOf(drafted.figures);
  if (!figures) return chart;
  const own = rowsOf(main.figures) ?? figures;
  const taken = own.aggregate === 'count' || own.aggregate === 'distinct' ? 'sum' : own.aggregate;
  const date = source.id === own.sourceId ? own.date : figures.date;
  const budget = {
    ...drafted,
    name: column,
    role: draftRole(column, 'budget'),
    figures: { ...figures, kind: 'rows' as const, date, column, aggregate: taken },
    stroke: { ...drafted.stroke, place: nextPlace(chart) },
  };
  return withMark({ ...chart, series: [...chart.series, budget] }, main.id, { against: id, good });
}
