import { type ReadingsEnd, sayReadingsEnd } from '../yardsticks';
import { drawnGrain } from './reach';
import { type ChartDefinition, type SeriesDefinition, type StyledYardstick } from '../chart';
import { rowsOf, sourceOfFigures } from '../origins';
import { operandMark } from './measures';

/**
 * Puts a band between two series that are not drawn in place of each band over single readings: what
 * follows knows no other. Figures that are worked out from others have no readings, and no band.
 */
export function withReadingsBands(chart: ChartDefinition): ChartDefinition {
  if (chart.yardsticks.every(({ kind }) => kind !== 'readings')) return chart;
  const series = [...chart.series];
  const yardsticks = chart.yardsticks.map((each): StyledYardstick => {
    const of = chart.series.find(({ id }) => 'series' in each && id === each.series);
    if (each.kind !== 'readings' || !of || sourceOfFigures(of.figures) === null) return each;
    const { series: _of, from, to, ...rest } = each;
    // Read one after the other, as in "from the lowest to the highest of each day's readings of Late".
    const readings = ` of each ${drawnGrain(chart)}’s readings of ${of.name}`;
    const low = endOf(chart, of, { id: `${each.id}0`, name: sayReadingsEnd(from) }, from);
    const high = endOf(chart, of, { id: `${each.id}1`, name: sayReadingsEnd(to) + readings }, to);
    series.push(...low, ...high);
    return { ...rest, kind: 'between', from: named(low), to: named(high) };
  });
  return { ...chart, series, yardsticks };
}

const named = ([end]: readonly SeriesDefinition[]) => ({ series: end?.id ?? '' });

/** One end of a band as a series, with those that it is worked out from after it. */
function endOf(
  chart: ChartDefinition,
  of: SeriesDefinition,
  { id, name }: Pick<SeriesDefinition, 'id' | 'name'>,
  end: ReadingsEnd,
): SeriesDefinition[] {
  const hidden = (part: string, figures: Figures): SeriesDefinition => ({
    ...of,
    id: `${id}${operandMark}${part}`,
    figures,
    hidden: true,
    readings: false,
    evenly: false,
    derived: null,
    mark: null,
    handover: null,
    name: part === 'end' ? name : `${id}${operandMark}${part}`,
    // In one picture a band is over the readings of all lines together.
    split: of.split && chart.arrangement.kind === 'panels' ? { ...of.split, top: null } : null,
  });
  const rows = rowsOf(of.figures);
  // What a measure stands for is known by whoever aggregates it.
  if (!rows) return [hidden('end', of.figures)];
  const figures = { ...rows, kind: 'rows' as const };
  if (end.kind === 'percentile')
    return [hidden('end', { ...figures, aggregate: 'percentile', percent: end.percent })];
  const [mean, deviation] = (['mean', 'deviation'] as const).map((aggregate) =>
    hidden(aggregate, { ...figures, aggregate }),
  ) as [SeriesDefinition, SeriesDefinition];
  const text = `"${mean.name}" + (${end.times}) * "${deviation.name}"`;
  return [hidden('end', { kind: 'formula', text }), mean, deviation];
}

type Figures = SeriesDefinition['figures'];
