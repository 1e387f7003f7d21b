import { mapped, partName, said, Sentence } from '../../sentences';
import { mixed, object, string } from 'yup';
import type { Figures } from '../../values';
import { nameOf, type YardstickContext } from '../context';
import { nothingFound, type YardstickKind } from './kind';

/** A band between two series: from the least to the greatest, from a low plan to a high one. */
export interface BetweenDefinition {
  id: string;
  kind: 'between';
  name: string;
  from: { series: string };
  to: { series: string };
  onAxis: boolean;
}

const edgeOf = mapped(
  partName('series'),
  (series) => ({ series }),
  ({ series }: { series: string }) => series,
);

const edge = object({ series: string().required().max(40) });

export const between: YardstickKind<BetweenDefinition> = {
  kind: 'between',
  drawnAs: 'band',
  sentence: Sentence.of<BetweenDefinition>({ kind: 'between' })
    .words('a band between ')
    .slot('from', edgeOf)
    .words(' and ')
    .slot('to', edgeOf)
    .option('onAxis', true, said(false, 'off the value axis')),
  schema: () =>
    object({
      id: string().required().max(40),
      kind: mixed<'between'>().oneOf(['between']).required(),
      name: string().required().trim().min(1).max(120),
      from: edge,
      to: edge,
      onAxis: mixed<boolean>().oneOf([true, false]).required(),
    }),
  named: () => 'Between',
  heldAs: 'band',
  drafts: ({ names: { series: [one, two] = [] } }) =>
    one && two
      ? [
          {
            kind: 'between',
            from: { series: String(one.id) },
            to: { series: String(two.id) },
            onAxis: true,
          },
        ]
      : [],
  find: ({ from, to }, context) => {
    const [one, two] = [figuresOf(context, from.series), figuresOf(context, to.series)];
    if (!one || !two) return nothingFound;
    const edges = one.map((value, place) => {
      const other = two[place] ?? null;
      return value === null || other === null
        ? null
        : [Math.min(value, other), Math.max(value, other)];
    });
    const scope = `from ${nameOf(context, from.series)} to ${nameOf(context, to.series)}`;
    if (edges.every((pair) => pair === null))
      return { ...nothingFound, scope: `${scope}: no figures at both` };
    return {
      ...nothingFound,
      scope,
      filledBetween: true,
      edges: {
        low: edges.map((pair) => pair?.[0] ?? null),
        high: edges.map((pair) => pair?.[1] ?? null),
      },
    };
  },
};

/** The figures of a series that has one line. */
const figuresOf = ({ lines }: YardstickContext, series: string): Figures | undefined =>
  lines.find(({ seriesId }) => seriesId === series)?.figures;
