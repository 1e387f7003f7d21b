import type { Kind } from '../../registry';
import type { About, Said } from '../../sentences';
import type { Figures } from '../../values';
import type { YardstickContext } from '../context';

/** The lower and the upper edge at each position; null where there is none. */
export interface Edges {
  low: Figures;
  high: Figures;
}

/** What a yardstick has found: levels and bands on the value axis, days and stretches of days. */
export interface Found {
  /** the value of a level line; null when there is none, or nothing to find it from */
  value: number | null;
  /** the value comes from no division */
  exact: boolean;
  /** over what it was found; empty where it was written */
  scope: string;
  levels: readonly number[];
  /** from the lower edge to the upper one; a shade of 0 to 1 tells neighbours apart */
  bands: readonly { from: number; to: number; shade: number }[];
  /** by position: between what figures are held; a level's are one and the same. null: nothing can be */
  edges: Edges | null;
  /** what is drawn of it is the area between its edges, which change from position to position */
  filledBetween: boolean;
  days: readonly number[];
  /** what stands along the axis where the line does; missing: it stands on a date */
  place?: string;
  /** what each of the days is called; missing: what the yardstick is */
  names?: readonly string[];
  stretches: readonly { from: number; to: number }[];
  /** how many finished figures lie within the bands; null without a band */
  within: number | null;
}

/** A yardstick that has found nothing. */
export const nothingFound: Found = {
  value: null,
  exact: true,
  scope: '',
  levels: [],
  bands: [],
  days: [],
  stretches: [],
  within: null,
  edges: null,
  filledBetween: false,
};

/** Edges that are the same at every position. */
export function constantEdges(
  { positions }: Pick<YardstickContext, 'positions'>,
  low: number,
  high: number,
): Edges {
  const all = (edge: number) => new Array<number>(positions.length).fill(edge);
  const lower = all(low);
  return { low: lower, high: low === high ? lower : all(high) };
}

/** One kind of yardstick: what it is, and what it finds. */
export interface YardstickKind<Definition extends { kind: string }> extends Kind<Definition> {
  /** what it is in the picture: a level across, a band across, or dates along the axis */
  drawnAs: 'level' | 'band' | 'dates';
  /** after its name and "is", as in "a line at 40" */
  sentence: Said<Definition>;
  /** the name that it has from what it is, until somebody writes another; left out: it has none */
  named?: (definition: Definition) => string;
  /** it stands so often that it is a hairline, named in the list alone, until somebody says otherwise */
  often?: true;
  /** figures can be held against it: against one value at each position, or against two edges */
  heldAs?: 'level' | 'band';
  /** what is suggested; left out: a draft of each way to say it */
  drafts?: (about: About) => Omit<Definition, 'id' | 'name'>[];
  find: (definition: Definition, context: YardstickContext) => Found;
}

/** The series that a new yardstick is found from: the first of the chart. */
export const firstSeries = ({ names }: About): string => String(names.series?.[0]?.id ?? '');
