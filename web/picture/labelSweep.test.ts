import { parseDay, periodsBetween } from '../../core/calendar';
import { arrangementKinds } from '../../core/arrangements';
import { type ChartDefinition } from '../../core/chart';
import { chartFrames } from '../../core/figures';
import { draftStandout } from '../../core/editing';
import { type Reading, readChart } from '../../core/reading';
import { testChart, testFrame, testSeries } from '../../core/testing';
import { drawChart, type Drawing } from './drawing';

const day = (text: string) => parseDay(text) as number;
const measure = (text: string, size: number) => text.length * size * 0.55;
const words = ['Tarrow to Quill', 'Quill to Ansel', 'Ansel to Low Hook', 'Low Hook', 'Outer isles'];
const split = { column: 'Route', order: words, coloured: [], colourBy: null, top: null };

/** A chart of five lines and a plan, as it stands once a month has ended. */
function read(until: string, more: Partial<ChartDefinition>): Reading {
  const today = day(until) + 4;
  const periods = periodsBetween(day('2024-01-01'), day(until), 'month');
  const wave = (of: number) =>
    periods.map((_, at) => 1_000_000 + 90_000 * of + 400_000 * Math.sin(at / 2 + of / 3));
  const chart = testChart({
    series: [testSeries('Riders', { split }), testSeries('Plan', { role: 'budget' })],
    standouts: (['highest', 'lowest', 'last'] as const).map((kind) =>
      draftStandout(kind, 'Riders', { kind }),
    ),
    ...more,
  });
  const riders = testFrame({ periods, keys: words, values: words.map((_, at) => wave(at)) });
  const plan = testFrame({ periods, values: [wave(7)] });
  const { frames } = chartFrames(chart, { Riders: riders, Plan: plan }, today);
  return readChart(chart, frames, { today });
}

interface Box {
  text: string;
  left: number;
  right: number;
  top: number;
  bottom: number;
}

/** Where names and labels stand, but for those that a picture places by its own scale. */
const boxesOf = ({ panels, legend }: Drawing): Box[] =>
  [...panels.flatMap(({ endLabels }) => endLabels), ...legend].map((label) => {
    const { text, left, width, top } = label;
    const height = 'height' in label ? label.height : 14;
    return { text, left, right: left + width, top: top + 1, bottom: top + height - 1 };
  });

const lies = (one: Box, two: Box) =>
  one.left < two.right - 0.5 &&
  two.left < one.right - 0.5 &&
  one.top < two.bottom &&
  two.top < one.bottom;

const sizes = [
  [1200, 460],
  [900, 420],
  [640, 320],
  [420, 260],
  [300, 200],
] as const;

const ways = arrangementKinds.flatMap(({ sentence }) =>
  (['ends', 'legend'] as const).map((as) => ({
    arrangement: sentence.draft({ names: {}, level: 0, today: '2026-06-01' }),
    as,
  })),
);

it.each(ways)('lets no name lie on another or leave its picture: %j', ({ arrangement, as }) => {
  const bad: string[] = [];
  let named = 0;
  // Before and after a new month.
  for (const until of ['2026-06-01', '2026-07-01', '2026-12-01'])
    for (const [width, height] of sizes) {
      const reading = read(until, { arrangement, names: { as, yardsticks: false } });
      const drawing = drawChart(reading, { width, height, highlight: [], notes: [], measure });
      const boxes = boxesOf(drawing);
      named += boxes.length;
      const where = `${until} ${width}x${height}`;
      boxes.forEach((one, at) => {
        if (one.left < -1 || one.right > width + 1 || one.top < -1 || one.bottom > height + 1)
          bad.push(`${where}: “${one.text}” is not within`);
        for (const two of boxes.slice(at + 1))
          if (lies(one, two)) bad.push(`${where}: “${one.text}” lies on “${two.text}”`);
      });
    }
  expect(bad).toEqual([]);
  if (arrangement.kind !== 'sparkline') expect(named).toBeGreaterThan(0);
});
