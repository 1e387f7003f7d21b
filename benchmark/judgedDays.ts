import { dayOf } from '../core/calendar';
import { type ChartDefinition } from '../core/chart';
import { chartFrames, frameRequest } from '../core/figures';
import { draftChart, withMark } from '../core/editing';
import { aggregate, type FrameRequest } from '../core/frame';
import { dateColumn, numberColumn, type Table, textColumn } from '../core/table';

const days = 2400;
const lines = 7;
const start = dayOf(2020, 1, 1) ?? 0;
const words = Array.from({ length: lines }, (_, line) => `Route ${line + 1}`);

/** Figures that wander, the same at every run, so that lines cross their mark now and then. */
function table(): Table {
  const rows = days * lines;
  let seed = 1;
  const random = () => (seed = (seed * 16_807) % 2_147_483_647) / 2_147_483_647;
  const values = Float64Array.from({ length: rows }, (_, row) => {
    const wave = 500 + 300 * Math.sin(row / lines / 40 + (row % lines));
    return Math.round((wave + 200 * random()) * 100) / 100;
  });
  return {
    rows,
    columns: [
      dateColumn(
        'Day',
        Int32Array.from({ length: rows }, (_, row) => start + Math.floor(row / lines)),
      ),
      numberColumn('Fares', values, 2),
      textColumn(
        'Route',
        Int32Array.from({ length: rows }, (_, row) => row % lines),
        words,
      ),
    ],
  };
}

/** Seven lines of 2,400 days, each judged against its mean: the most that a chart is likely to hold. */
export function judgedDays() {
  const figures = table();
  const drafted = draftChart({
    id: 1,
    columns: figures.columns.map(({ name, kind }) => ({ name, kind })),
  });
  const [first] = drafted.series;
  if (!first) throw new Error('The draft has no series.');
  const split = {
    ...first,
    split: { column: 'Route', order: words, coloured: [], colourBy: null, top: null },
  };
  const level: ChartDefinition = {
    ...drafted,
    grain: 'day',
    series: [split],
    yardsticks: [
      {
        id: 'mean',
        kind: 'line',
        name: 'Mean',
        value: { kind: 'statistic', statistic: 'mean', series: split.id },
        shading: 'none',
        onAxis: true,
      },
    ],
  };
  const chart = withMark(level, split.id, { against: 'mean', good: 'atLeast' });
  const today = start + days + 100;
  const frame = aggregate(figures, frameRequest(chart, split, today, []) as FrameRequest);
  return { chart, frames: chartFrames(chart, { [split.id]: frame }, today).frames, today };
}
