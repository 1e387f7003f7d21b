import { type ChartDefinition, namedParts } from '../chart';
import { turnsOf } from '../dials';
import { placeAfter } from '../editing';
import { type Names, phrasesOf } from '../sentences';
import { heldAs } from '../yardsticks';
import { dialLine, filterLine, ruleLine, standoutLine, yardstickLine } from './lines';
import { lookLines } from './lookLines';
import { titleLine } from './newName';
import { headLine, markLine, seriesLine } from './seriesLine';
import { ownPlace } from './strokes';

/** The first line of a text says by which version of the grammar it is written. */
export const versionLine = 'Stand Mark 1';

/**
 * The names of what a chart holds, beside those of what is around it.
 * @param around the names of dials, columns and sources around the chart
 */
export function namesWith(chart: ChartDefinition, around: Names): Names {
  const parts = namedParts(chart);
  const of = (kind: (typeof parts)[number]['of']) => parts.filter((part) => part.of === kind);
  const dialKinds = new Map(chart.dials.map((each) => [each.id, turnsOf(each).by]));
  const heldKinds = new Map(
    chart.yardsticks.map((each) => [each.id, heldAs(each) ? 'held' : 'seen']),
  );
  return {
    ...around,
    series: of('series'),
    yardstick: of('yardsticks').map((each) => ({ ...each, kind: heldKinds.get(each.id) ?? '' })),
    dial: of('dials').map((each) => ({ ...each, kind: dialKinds.get(each.id) ?? '' })),
  };
}

/** A line of a chart's text, and what it says: by this a comment keeps to it. */
export interface TextLine {
  /** as "series fares" or "look axes.shown.gridlines" */
  key: string;
  text: string;
}

/**
 * The lines of a chart under the headings of its text; the first two have none.
 * @param around the names of dials, columns and sources around the chart
 */
export function linesOf(chart: ChartDefinition, around: Names): Record<string, TextLine[]> {
  const names = namesWith(chart, around);
  const placed = chart.series.map((series, at) => {
    const { place } = series.stroke;
    const isOwn = place === placeAfter(chart.series.slice(0, at), series);
    return { ...series, stroke: { ...series.stroke, place: isOwn ? ownPlace : place } };
  });
  return {
    Series: [
      ...placed.map((series) => ({
        key: `series ${series.id}`,
        text: seriesLine.print(series, names),
      })),
      ...chart.series.flatMap(({ id, mark }) =>
        mark ? [{ key: `mark ${id}`, text: markLine.print({ ...mark, series: id }, names) }] : [],
      ),
    ],
    Yardsticks: chart.yardsticks.map((each) => ({
      key: `yardstick ${each.id}`,
      text: yardstickLine.print(each, names),
    })),
    'Colour rules': chart.colourRules.map((each) => ({
      key: `rule ${each.id}`,
      text: ruleLine.print(each, names),
    })),
    Standouts: chart.standouts.map((each) => ({
      key: `standout ${each.id}`,
      text: standoutLine.print(each, names),
    })),
    Dials: chart.dials.map((each) => ({
      key: `dial ${each.id}`,
      text: dialLine.print(each, names),
    })),
    Filters: chart.filters.map((each, at) => ({
      key: `filter ${at}`,
      text: filterLine.print(each, names),
    })),
    Look: phrasesOf(lookLines, chart, names).phrases.map(({ path, words }) => ({
      key: `look ${path.join('.')}`,
      text: words,
    })),
  };
}

/**
 * A chart as text, which reads as the same chart.
 * @param around the names of sources, measures, columns and charts that it may name
 */
export function printChart(chart: ChartDefinition, around: Names): string {
  const names = namesWith(chart, around);
  const comments = chart.comments ?? {};
  const commented = ({ key, text }: TextLine) => [
    ...(comments[key]?.split('\n') ?? []).map((line) => `# ${line}`.trimEnd()),
    text,
  ];
  const headed = Object.entries(linesOf(chart, around)).filter(([, lines]) => lines.length > 0);
  return [
    versionLine,
    ...commented({ key: 'title', text: titleLine.print(chart.title, names) }),
    ...commented({ key: 'periods', text: headLine.print(chart, names) }),
    ...headed.flatMap(([heading, lines]) => [
      '',
      ...commented({ key: `heading ${heading}`, text: heading }),
      ...lines.flatMap(commented),
    ]),
    '',
  ].join('\n');
}
