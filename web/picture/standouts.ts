import type { PlotData } from 'plotly.js';
import type { Reading, ReadStandout } from '../../core/reading';
import { page, shadeOf } from '../look';
import type { PlacedPanel } from './panels';
import { axisOf } from './scales';

const inkOf = ({ colour }: Pick<ReadStandout, 'colour'>) => (colour ? shadeOf(colour) : page.ink);

/** The points picked out: the lowest as a disc, all others as rings. */
export function standoutTraces({ positions }: Reading, placed: PlacedPanel): Partial<PlotData>[] {
  const { standouts } = placed.panel;
  const { x, y, y2 } = axisOf(placed);
  const onAxis = [
    standouts.filter(({ second }) => !second),
    standouts.filter((each) => each.second),
  ];
  return onAxis.flatMap((picked, second): Partial<PlotData>[] =>
    picked.length === 0
      ? []
      : [
          {
            type: 'scatter',
            mode: 'markers',
            xaxis: x,
            yaxis: second ? y2 : y,
            x: picked.map(({ period }) => positions[period]?.middle ?? null),
            y: picked.map(({ figure }) => figure),
            marker: {
              size: 9,
              color: picked.map((each) => (isDisc(each) ? inkOf(each) : page.sheet)),
              line: { color: picked.map(inkOf), width: 1.8 },
            },
            cliponaxis: false,
          },
        ],
  );
}

const isDisc = ({ by }: ReadStandout) => by.some(({ kind }) => kind === 'lowest');
