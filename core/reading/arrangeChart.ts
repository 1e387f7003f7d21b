import { axisColumn } from '../axis';
import {
  type ArrangementDefinition,
  arrangementKind,
  type ArrangementKind,
  type Arranged,
  type AxisKind,
  type Position,
} from '../arrangements';
import type { Day } from '../calendar';
import { drawnGrain, type SeriesFrames } from '../figures';
import { type BoardStyle, type DrawnChart, type Stroke } from '../chart';
import type { PeriodStyle } from '../labels';
import {
  handOver,
  layLines,
  layPositions,
  mostLines,
  positionsKind,
  type SeriesLine,
  strokesOf,
} from '../series';

/** The lines of a chart on their positions and in their panels, before anything is found from them. */
export interface ArrangedChart extends Omit<Arranged<SeriesLine>, 'panels'> {
  axis: AxisKind;
  kind: ArrangementKind<ArrangementDefinition>;
  shape: 'row' | 'grid' | 'stack';
  ownAxes: boolean;
  /** as they were before they were arranged */
  periods: readonly Position[];
  all: readonly SeriesLine[];
  /** of all panels, but for what a filter leaves in grey */
  allLines: readonly SeriesLine[];
  strokes: ReadonlyMap<SeriesLine, Stroke>;
  panels: ArrangedPanelLines[];
}

/** The lines of one panel. */
export interface ArrangedPanelLines {
  key: string;
  title: string;
  /** those that are drawn */
  shown: SeriesLine[];
  /** those that are computed with: hidden ones too, but for what a filter leaves in grey */
  counted: SeriesLine[];
}

/** What lines are laid by, beside the definition and the figures. */
export interface ArrangedBy {
  today: Day;
  style: BoardStyle;
  periods: PeriodStyle;
  chosen: Day | null;
}

/**
 * Lays the lines of a chart. Dials move nothing here: while one is turned, what was laid last for the
 * same figures is taken again, and with it all statistics that hang on its lines alone.
 */
export function arrangeChart(
  chart: DrawnChart,
  frames: SeriesFrames,
  by: ArrangedBy,
): ArrangedChart {
  // By what it holds: a worker is sent it anew with each question.
  const key = JSON.stringify(by);
  const last = lastLaid.get(frames);
  if (last?.chart === chart && last.key === key) return last.laid;
  const laid = lay(chart, frames, by);
  lastLaid.set(frames, { chart, key, laid });
  return laid;
}

const lastLaid = new WeakMap<
  SeriesFrames,
  { chart: DrawnChart; key: string; laid: ArrangedChart }
>();

function lay(chart: DrawnChart, frames: SeriesFrames, by: ArrangedBy): ArrangedChart {
  const { today, style, chosen } = by;
  const arrangement = arrangementOf(chart);
  const kind = arrangementKind(arrangement);
  const periods = layPositions(chart, frames, today, by.periods);
  const lines = handOver(layLines(chart, frames, periods));
  const { yearStart } = chart;
  const grain = drawnGrain(chart);
  const arranged = kind.arrange({ periods, grain, yearStart, lines, today, chosen }, arrangement);
  const all = arranged.panels.flatMap((panel) => panel.lines);
  return {
    ...arranged,
    axis: arranged.axis ?? positionsKind(chart).axis,
    kind,
    periods,
    all,
    ...(kind.panels?.(arrangement) ?? { shape: 'row', ownAxes: false }),
    allLines: all.filter(({ greyed }) => !greyed),
    strokes: strokesOf(all, kind.coloursBy, style),
    panels: arranged.panels.map(({ key, title, lines: own }) => ({
      key,
      title,
      shown: own.filter(({ definition }) => !definition.hidden).slice(0, mostLines),
      counted: own.filter(({ greyed }) => !greyed),
    })),
  };
}

/** What stands along a column has no years to be laid over each other. */
const arrangementOf = ({ axis, arrangement }: DrawnChart): ArrangementDefinition =>
  axisColumn(axis) && arrangementKind(arrangement).ofDates ? { kind: 'one' } : arrangement;
