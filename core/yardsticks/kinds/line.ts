import { boolean, mixed, object, string } from 'yup';
import { type Edge, edgeSchema, findEdge, sayEdges } from '../edges';
import { nothingFound, type YardstickKind } from './kind';

export const shadings = ['none', 'beneath', 'above'] as const;
export type Shading = (typeof shadings)[number];

/** A level line at a value, with what is beneath or above it shaded if asked. */
export interface LineDefinition {
  id: string;
  kind: 'line';
  name: string;
  value: Edge;
  shading: Shading;
  onAxis: boolean;
}

const draftOf = (name: string, value: Edge): Omit<LineDefinition, 'id'> => ({
  ...{ kind: 'line', name, value, shading: 'none', onAxis: true },
});

export const line: YardstickKind<LineDefinition> = {
  kind: 'line',
  schema: object({
    id: string().required().max(40),
    kind: mixed<'line'>().oneOf(['line']).required(),
    name: string().required().trim().min(1).max(120),
    value: edgeSchema,
    shading: mixed<Shading>().oneOf(shadings).default('none'),
    onAxis: boolean().required(),
  }),
  drafts: [
    {
      label: 'Level',
      draft: ({ level }) => draftOf('Level', { kind: 'number', number: level }),
    },
    {
      label: 'Mean',
      draft: ({ series }) => draftOf('Mean', { kind: 'statistic', statistic: 'mean', series }),
    },
    {
      label: 'Median',
      draft: ({ series }) => draftOf('Median', { kind: 'statistic', statistic: 'median', series }),
    },
  ],
  find: ({ value: edge, shading }, context) => {
    const { value, exact } = findEdge(edge, context);
    const scope = sayEdges([edge], context);
    if (value === null) return { ...nothingFound, scope };
    const bands = {
      none: [],
      beneath: [{ from: -Infinity, to: value, shade: 0 }],
      above: [{ from: value, to: Infinity, shade: 0 }],
    }[shading];
    return { ...nothingFound, value, exact, scope, levels: [value], bands };
  },
};
