import type { FourthChart } from './fromThird';

/** A chart as version 5 keeps it, as far as its upgrade knows it. */
export interface FifthChart {
  version: 5;
  /** what was never changed on the way */
  [unchanged: string]: unknown;
}

/**
 * Version 5 calls what stands along the axis its axis, the value axis of a series that, and figures that are
 * divided over shorter periods evenly so.
 */
export function fromFourth({ along, series, ...others }: FourthChart): FifthChart {
  return {
    ...others,
    version: 5,
    axis: along,
    series: series.map(({ axis, spread, ...each }) => ({
      ...each,
      valueAxis: axis,
      evenly: spread,
    })),
  };
}
