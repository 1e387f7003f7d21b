import { parseDay } from '../../core/calendar';
import { plainLook, type StyledYardstick } from '../../core/chart';
import { chartFrames, drawnChart, expandChart } from '../../core/figures';
import { readChart } from '../../core/reading';
import { testChart, testFrame, testSeries } from '../../core/testing';
import { yardstickKinds } from '../../core/yardsticks';
import { drawChart } from './drawing';

const day = (text: string) => parseDay(text) as number;
const months = Array.from({ length: 8 }, (_, at) => day(`2026-0${at + 1}-01`));
const today = day('2026-09-20');
const measure = (text: string, size: number) => text.length * size * 0.55;

/** One yardstick of each kind, as it is without any look of its own. */
const yardsticks: Record<string, Record<string, unknown>> = {
  line: { value: { kind: 'number', number: 12 }, shading: 'none', onAxis: true },
  band: { from: { kind: 'number', number: 8 }, to: { kind: 'number', number: 12 }, onAxis: true },
  between: { from: { series: 'Fares' }, to: { series: 'Budget' }, onAxis: true },
  readings: {
    series: 'Fares',
    from: { kind: 'percentile', percent: 0 },
    to: { kind: 'percentile', percent: 100 },
    onAxis: true,
  },
  steps: { count: 3, series: 'Fares' },
  today: { offsetDays: -40 },
  foundDate: { at: 'lastActual', dial: null, offsetDays: 0 },
  dates: { from: '2026-03-10', to: null },
  recurring: { each: 'quarterEnd', weekday: 1 },
  place: { at: 'Mar 2026' },
  dialPlace: { dial: 'month' },
  foundPlace: { series: 'Fares', is: 'highest' },
  firstBeyond: { series: 'Fares', side: 'over', level: 13 },
  recorded: { sourceId: 1, date: 'Day', label: 'What' },
};

/** A chart of two panels that holds a yardstick, as it is drawn: shapes, words over it, names at ends. */
function drawn(yardstick: Record<string, unknown>) {
  const split = { column: 'Route', order: [], coloured: [], colourBy: null, top: null };
  const definition = testChart({
    series: [testSeries('Fares', { split }), testSeries('Budget', { role: 'budget', split })],
    arrangement: { kind: 'panels', shape: 'row', ownAxes: false },
    dials: [
      { kind: 'choice', id: 'month', name: 'Month', value: 'Mar 2026', choices: ['Mar 2026'] },
    ],
    yardsticks: [{ id: 'it', name: 'It', ...yardstick } as unknown as StyledYardstick],
  });
  const of = (figures: number[]) =>
    testFrame({
      periods: months,
      keys: ['Quill', 'Osk'],
      values: [figures, figures.map((each) => each + 1)],
      completeTo: day('2026-08-31'),
    });
  const chart = expandChart(definition, { turned: {} });
  const fares = [10, 14, 12, 9, 8, 12, 15, 11];
  // What a band over readings is found from are figures of their own: the least, and the greatest.
  const figuresOf = (id: string, at: number) =>
    id === 'Budget'
      ? [9, 9, 9, 12, 12, 12, 12, 12]
      : fares.map((each) => each + Math.max(0, at - 1) * 3);
  const aggregated = Object.fromEntries(
    chart.series.map(({ id }, at) => [id, of(figuresOf(id, at))]),
  );
  const { frames } = chartFrames(chart, aggregated, today);
  const recorded = { it: [{ day: day('2026-05-12'), name: 'Strike' }] };
  const reading = readChart(drawnChart(definition), frames, { today, recorded });
  const picture = drawChart(reading, {
    width: 1100,
    height: 420,
    highlight: [],
    notes: [],
    measure,
  });
  return {
    strokes: JSON.stringify([picture.layout.shapes, picture.data]),
    words: JSON.stringify([
      picture.layout.annotations,
      picture.panels.map(({ endLabels }) => endLabels.map(({ text, top }) => [text, top])),
    ]),
  };
}

type Part = 'strokes' | 'words';

/** Every setting of a look, with what of the picture it changes. */
const settings: Record<string, [change: object, part: Part][]> = {
  colour: [[{ colour: 'brick' }, 'strokes']],
  dash: [[{ dash: 'dot' }, 'strokes']],
  width: [
    [{ width: 5 }, 'strokes'],
    [{ width: 0.25 }, 'strokes'],
  ],
  front: [[{ front: true }, 'strokes']],
  label: [
    [{ label: { ...plainLook.label, text: 'Held' } }, 'words'],
    [{ label: { text: 'Held', at: 'none' } }, 'words'],
    [{ label: { text: 'Held', at: 'inside' } }, 'words'],
  ],
};

it('has a case for each setting of a look and each kind of yardstick', () => {
  expect(Object.keys(settings).sort()).toEqual(Object.keys(plainLook).sort());
  expect(Object.keys(yardsticks).sort()).toEqual(yardstickKinds.map(({ kind }) => kind).sort());
});

/** Each kind as it is without another look, drawn once. */
const plainly = new Map<string, ReturnType<typeof drawn>>();

const cases = Object.keys(yardsticks).flatMap((kind) =>
  Object.entries(settings).flatMap(([setting, changes]) =>
    changes.map(([change, part]) => [kind, setting, JSON.stringify(change), change, part] as const),
  ),
);

it.each(cases)('draws %s otherwise by its %s: %s', (kind, _, __, change, part) => {
  const one = {
    kind,
    ...yardsticks[kind],
    look: { ...plainLook, label: { text: 'Held as', at: 'end' } },
  };
  const before = plainly.get(kind) ?? drawn(one);
  plainly.set(kind, before);
  const after = drawn({ ...one, look: { ...one.look, ...change } });
  expect(after[part]).not.toBe(before[part]);
});

it.each(['band', 'steps'])('labels the edges of a %s with their figures when asked', (kind) => {
  const label = { text: 'Held as', at: 'end', edges: true };
  const { words } = drawn({ kind, ...yardsticks[kind], look: { ...plainLook, label } });
  const edges = { band: ['8', '12'], steps: ['9', '11', '13', '16'] }[kind] ?? [];
  for (const edge of edges) expect(words).toContain(`["${edge}"`);
});

it('writes the word at a date in the first panel, or in each', () => {
  const at = (place: string) =>
    drawn({
      kind: 'dates',
      ...yardsticks.dates,
      look: { ...plainLook, label: { text: 'Held', at: place } },
    }).words.split('<b>Held</b>').length - 1;
  expect([at('end'), at('each'), at('none'), at('inside')]).toEqual([1, 2, 0, 2]);
});
