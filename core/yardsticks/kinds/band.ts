import { said, Sentence } from '../../sentences';
import { boolean, mixed, object, string } from 'yup';
import { type Edge, edgeEntry, edgeSchema, findEdge, sayEdges } from '../edges';
import { constantEdges, firstSeries, nothingFound, type YardstickKind } from './kind';
import { onWhichAxis } from './onWhichAxis';

/** A band between two values; its edges belong to it. */
export interface BandDefinition {
  id: string;
  kind: 'band';
  name: string;
  from: Edge;
  to: Edge;
  onAxis: boolean;
  /** found from no series, it chooses its axis; missing: that of the series held against it */
  onSecond?: boolean;
}

export const band: YardstickKind<BandDefinition> = {
  kind: 'band',
  drawnAs: 'band',
  sentence: Sentence.of<BandDefinition>({ kind: 'band' })
    .words('a band from ')
    .slot('from', edgeEntry)
    .words(' to ')
    .slot('to', edgeEntry)
    .option('onAxis', false, said(true, 'on the value axis'))
    .option('onSecond', undefined, onWhichAxis),
  schema: () =>
    object({
      id: string().required().max(40),
      kind: mixed<'band'>().oneOf(['band']).required(),
      name: string().required().trim().min(1).max(120),
      from: edgeSchema,
      to: edgeSchema,
      onAxis: boolean().required(),
      onSecond: boolean(),
    }),
  named: ({ from, to }) => {
    const both = (kind: Edge['kind']) => from.kind === kind && to.kind === kind;
    if (both('deviation')) return 'Usual range';
    return both('percentile') ? 'Between percentiles' : 'Band';
  },
  heldAs: 'band',
  drafts: (about) => [
    {
      kind: 'band',
      onAxis: false,
      from: { kind: 'deviation', times: -1, series: firstSeries(about) },
      to: { kind: 'deviation', times: 1, series: firstSeries(about) },
    },
    {
      kind: 'band',
      onAxis: false,
      from: { kind: 'percentile', percent: 10, series: firstSeries(about) },
      to: { kind: 'percentile', percent: 90, series: firstSeries(about) },
    },
  ],
  find: ({ from, to }, context) => {
    const [one, two] = [findEdge(from, context), findEdge(to, context)];
    const scope = sayEdges([from, to], context);
    if (one.value === null || two.value === null) return { ...nothingFound, scope };
    const low = Math.min(one.value, two.value);
    const high = Math.max(one.value, two.value);
    let within = 0;
    for (const { plan, figures, open } of context.lines)
      figures.forEach((figure, place) => {
        if (plan || open[place] || figure === null) return;
        if (figure >= low && figure <= high) within += 1;
      });
    return {
      ...nothingFound,
      exact: one.exact && two.exact,
      scope,
      edges: constantEdges(context, low, high),
      bands: [{ from: low, to: high, shade: 0 }],
      within,
    };
  },
};
