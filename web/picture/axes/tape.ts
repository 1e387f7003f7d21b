import { type Day, type Grain, grains, periodsBetween, periodStart } from '../../../core/calendar';
import { type PeriodStyle, tapeLabel } from '../../../core/labels';

/** The narrowest a label of each grain may stand beside the next, in pixels. */
const labelRoom: Record<Grain, number> = { day: 20, week: 31, month: 29, quarter: 28, year: 36 };
const narrowestBlock = 6;

/** Blocks of the measuring tape, and the labels under it. */
export interface Tape {
  /** first days of the blocks; the last entry ends the last block */
  edges: Day[];
  labels: { at: number; short: string; of: string }[];
}

/**
 * Lays the tape out: a block for each period, or for the shortest longer one that can be seen.
 * @param pixels how wide the axis is drawn
 */
export function layTape(
  first: Day,
  next: Day,
  grain: Grain,
  pixels: number,
  style?: PeriodStyle & { whole?: Whole },
): Tape {
  const longer = grains.slice(grains.indexOf(grain));
  const starts = (unit: Grain) => periodsBetween(first, next - 1, unit);
  const roomy = (least: (unit: Grain) => number) =>
    longer.find((unit) => pixels / starts(unit).length >= least(unit)) ?? 'year';
  const edgesOf = (unit: Grain) => [...starts(unit).map((start) => Math.max(start, first)), next];
  const blocks = roomy(() => narrowestBlock);
  const whole = style?.whole;
  if (whole)
    return {
      edges: edgesOf(blocks),
      labels: wholeLabels(starts(grain), { ...whole, next, pixels }),
    };
  const labelled = roomy((unit) => labelRoom[unit]);
  return {
    edges: edgesOf(blocks),
    labels: tapeLabels(starts(labelled), labelled, { grain, first, next, pixels, style }),
  };
}

/** Dates that are written whole: how each is, and how wide the widest, in pixels. */
interface Whole {
  write: (start: Day) => string;
  widest: number;
}

/** Each period by its whole name, or every so manieth where they would touch: the last among them. */
function wholeLabels(
  starts: Day[],
  { write, widest, next, pixels }: Whole & { next: Day; pixels: number },
): Tape['labels'] {
  const stride = Math.max(1, Math.ceil((starts.length * (widest + 8)) / pixels));
  return starts.flatMap((start, place) =>
    (starts.length - 1 - place) % stride === 0
      ? [{ at: (start + nextEdge(starts, start, next)) / 2, short: write(start), of: '' }]
      : [],
  );
}

/** What a tape is laid for. */
interface TapeRoom {
  grain: Grain;
  first: Day;
  next: Day;
  pixels: number;
  style?: PeriodStyle;
}

function tapeLabels(
  starts: Day[],
  unit: Grain,
  { grain, first, next, pixels, style }: TapeRoom,
): Tape['labels'] {
  // Each quarter's first month is better known by its name than by a number.
  const named = unit === 'quarter' && grain !== 'quarter' ? 'month' : unit;
  const stride = Math.max(1, Math.ceil((starts.length * labelRoom[unit]) / pixels));
  const within = starts.filter((start, place) => start >= first && place % stride === 0);
  let before = '';
  return within.map((start) => {
    const { short, of } = tapeLabel(start, named, style);
    const shown = of === before ? '' : of;
    before = of;
    const own = grain === 'day' || grain === 'week' ? periodStart(start, grain) : start;
    const middle =
      unit === grain ? (start + nextEdge(starts, start, next)) / 2 : Math.max(own, first);
    return { at: unit === grain ? middle : middle + halfPeriod(grain), short, of: shown };
  });
}

const nextEdge = (starts: Day[], start: Day, next: Day) =>
  starts[starts.indexOf(start) + 1] ?? next;

const halfPeriod = (grain: Grain) =>
  ({ day: 0.5, week: 3.5, month: 15, quarter: 45, year: 182 })[grain];
