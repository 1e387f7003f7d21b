import { choice, said, Sentence } from '../../sentences';
import { boolean, mixed, object, string } from 'yup';
import { type Edge, edgeEntry, edgeSchema, findEdge, sayEdge, sayEdges } from '../edges';
import { constantEdges, firstSeries, nothingFound, type YardstickKind } from './kind';
import { onWhichAxis } from './onWhichAxis';

export const shadings = ['none', 'beneath', 'above', 'onlyBeneath', 'onlyAbove'] as const;
export type Shading = (typeof shadings)[number];

/** A level line at a value, with what is beneath or above it shaded if asked, or nothing but that. */
export interface LineDefinition {
  id: string;
  kind: 'line';
  name: string;
  value: Edge;
  shading: Shading;
  onAxis: boolean;
  /** found from no series, it chooses its axis; missing: that of the series held against it */
  onSecond?: boolean;
}

const draftOf = (value: Edge): Omit<LineDefinition, 'id' | 'name'> => ({
  kind: 'line',
  value,
  shading: 'none',
  onAxis: true,
});

/** What is written and what a dial sets is a level; what is found is called by how: "90th percentile". */
function nameOfEdge(value: Edge): string {
  if (value.kind === 'number' || value.kind === 'dial') return 'Level';
  const words = sayEdge(value);
  return `${words.charAt(0).toUpperCase()}${words.slice(1)}`;
}

export const line: YardstickKind<LineDefinition> = {
  kind: 'line',
  drawnAs: 'level',
  sentence: Sentence.of<LineDefinition>({ kind: 'line' })
    .words('a line at ')
    .slot('value', edgeEntry)
    .option(
      'shading',
      'none',
      choice({
        beneath: 'shaded beneath',
        above: 'shaded above',
        onlyBeneath: 'only shading beneath',
        onlyAbove: 'only shading above',
      }),
    )
    .option('onAxis', true, said(false, 'off the value axis'))
    .option('onSecond', undefined, onWhichAxis),
  schema: () =>
    object({
      id: string().required().max(40),
      kind: mixed<'line'>().oneOf(['line']).required(),
      name: string().required().trim().min(1).max(120),
      value: edgeSchema,
      shading: mixed<Shading>().oneOf(shadings).default('none'),
      onAxis: boolean().required(),
      onSecond: boolean(),
    }),
  named: ({ value }) => nameOfEdge(value),
  heldAs: 'level',
  drafts: (about) => [
    draftOf({ kind: 'number', number: about.level }),
    draftOf({ kind: 'statistic', statistic: 'mean', series: firstSeries(about) }),
    draftOf({ kind: 'statistic', statistic: 'median', series: firstSeries(about) }),
    draftOf({ kind: 'percentile', percent: 90, series: firstSeries(about) }),
  ],
  find: ({ value: edge, shading }, context) => {
    const { value, exact } = findEdge(edge, context);
    const scope = sayEdges([edge], context);
    if (value === null) return { ...nothingFound, scope };
    const beneath = [{ from: -Infinity, to: value, shade: 0 }];
    const above = [{ from: value, to: Infinity, shade: 0 }];
    const bands = { none: [], beneath, above, onlyBeneath: beneath, onlyAbove: above }[shading];
    const levels = shading.startsWith('only') ? [] : [value];
    const edges = constantEdges(context, value, value);
    return { ...nothingFound, value, exact, scope, edges, levels, bands };
  },
};
