import { deviationEdge } from './deviation';
import { dialEdge } from './dial';
import { numberEdge } from './number';
import { percentileEdge } from './percentile';
import { statisticEdge } from './statistic';

/** Every kind of value on an axis, in the order in which they are offered. A new one is a file and a line here. */
export const all = [numberEdge, statisticEdge, percentileEdge, deviationEdge, dialEdge];
