import { draftRule, draftStandout } from '../../editing';
import { type ChartDefinition, parseChart } from '..';
import { type StoredChart, upgradeChart } from './index';

const level = (id: string, number: number | null) => ({
  id,
  kind: 'line',
  name: id,
  onAxis: true,
  value: { kind: 'number', number },
});

const series = (id: string, role: string, more = {}) => ({
  id,
  name: id,
  role,
  mark: null,
  colour: null,
  split: null,
  figures: { sourceId: 7, date: 'Day', aggregate: 'sum', column: 'Fares' },
  ...more,
});

/** A chart as version 1 kept it. */
const first = {
  version: 1,
  title: 'Fares',
  grain: 'week',
  span: { from: '2026-01-01', to: null },
  series: [
    series('a', 'actual', { split: { column: 'Route', order: ['West', 'East'] } }),
    series('b', 'budget', { colour: 'plum' }),
    series('c', 'other'),
  ],
  yardsticks: [
    { id: 'today', kind: 'today', offsetDays: 0 },
    level('none', null),
    level('far', 1e308),
    level('kept', 5),
  ],
  colourRules: [{ id: 'off', series: 'a', when: 'offMark', colour: 'brick' }],
  standouts: [{ id: 'h', series: 'a', pick: 'highest' }],
};

/** The same chart as version 4 kept it. */
function asFourth({ axis, series, ...chart }: ChartDefinition) {
  const kept = series.map(({ valueAxis, evenly, ...each }) => ({
    ...each,
    axis: valueAxis,
    spread: evenly,
  }));
  return { ...chart, version: 4, along: axis, series: kept };
}

it('calls what stands along the axis, the value axis of a series and what is divided by their names', () => {
  const [made] = parseChart(first).series;
  const chart = parseChart({
    ...parseChart(first),
    axis: { kind: 'words', column: 'Route', order: [] },
    series: [{ ...made, valueAxis: 'second', evenly: true }],
  });
  expect(parseChart(asFourth(chart))).toEqual(chart);
});

it('turns a chart of version 1 into one that draws the same, and can be saved', () => {
  const chart = upgradeChart(first as unknown as StoredChart);
  expect(parseChart(JSON.parse(JSON.stringify(chart)))).toEqual(chart);
  expect(chart).toMatchObject({
    version: 5,
    grain: 'week',
    arrangement: { kind: 'one' },
    span: { kind: 'fixed', from: '2026-01-01', to: null },
    standouts: [draftStandout('h', 'a', { kind: 'highest' })],
    dials: [],
    colourRules: [draftRule('off', 'a', { kind: 'mark', is: 'off' }, 'brick')],
  });
  // What could not be drawn went with it.
  expect(chart.yardsticks.map(({ id }) => id)).toEqual(['today', 'kept']);
  // Colours of the palette stay: a split takes one for each word that was known.
  expect(chart.series.map(({ stroke }) => [stroke.colour, stroke.place])).toEqual([
    [null, 0],
    ['plum', 2],
    [null, 2],
  ]);
  expect(chart.series[0]).toMatchObject({
    figures: { kind: 'rows', sourceId: 7, filters: [] },
    split: { order: ['West', 'East'], coloured: [], colourBy: null, top: null },
  });
});

it('takes a chart of version 1 from outside, and leaves one of today alone', () => {
  const chart = parseChart(first);
  expect(chart.version).toBe(5);
  expect(upgradeChart(chart)).toBe(chart);
});

it('gives what shares a name one of its own, and lets what was named stay what was meant', () => {
  const chart = parseChart(first);
  const [made] = asFourth(chart).series;
  const part = (id: string, name: string, more = {}) => ({ ...made, id, name, ...more });
  const formula = (id: string, name: string, text: string) =>
    part(id, name, { figures: { kind: 'formula', text } });
  const line = (id: string, name: string) => ({ ...chart.yardsticks[1], id, name });
  const dial = (id: string, name: string) => ({
    id,
    kind: 'number',
    name,
    value: 1,
    from: 0,
    to: 2,
    step: 1,
  });
  const third = {
    ...asFourth(chart),
    version: 3,
    title: '{fares} beside {Limit}, {Share} and {Gone}',
    series: [
      formula('f', 'Fares', 'Fares / Share'),
      part('a', 'Fares'),
      part('b', 'fares'),
      formula('g', 'Worked', '"fares" * limit'),
    ],
    yardsticks: [
      line('l', 'Limit'),
      line('m', 'Share'),
      {
        id: 'r',
        kind: 'ribbon',
        name: 'R',
        from: { series: 'a' },
        to: { series: 'b' },
        onAxis: true,
      },
      { id: 'd', kind: 'moment', name: 'D', at: 'yearEnd', dial: null, offsetDays: 0 },
    ],
    dials: [dial('s', 'Share'), dial('d', 'Limit')],
    colourRules: [],
    standouts: [],
    together: { linked: false, narrows: false },
  };
  const fourth = upgradeChart(third as unknown as StoredChart);
  expect(fourth.series.map(({ name }) => name)).toEqual(['Fares', 'Fares 2', 'fares 3', 'Worked']);
  expect(
    [...fourth.yardsticks, ...fourth.dials].map((each) => 'name' in each && each.name),
  ).toEqual(['Limit', 'Share', 'R', 'D', 'Share 2', 'Limit 2']);
  const texts = fourth.series.map(({ figures }) => figures.kind === 'formula' && figures.text);
  expect([texts[0], texts[3]]).toEqual(['"Fares 2" / "Share 2"', '"fares 3" * "Limit 2"']);
  expect(fourth.yardsticks.map(({ kind }) => kind)).toEqual([
    'line',
    'line',
    'between',
    'foundDate',
  ]);
  expect(fourth).toMatchObject({ linking: { linked: false, narrows: false } });
  expect(fourth).not.toHaveProperty('together');
  expect(fourth.title).toBe('{fares 3} beside {Limit}, {Share} and {Gone}');
  expect(parseChart(third)).toEqual(parseChart(fourth));
});

it('refuses two things of one name, and what is no chart of any version', () => {
  const chart = parseChart(first);
  const named = (name: string) => ({
    ...chart,
    yardsticks: [{ ...chart.yardsticks[1], name }],
  });
  expect(() => parseChart(named(' A '))).toThrow('Two things on the chart are called “A”');
  expect(parseChart(named('Another')).yardsticks).toHaveLength(1);
  expect(() => parseChart({ version: 3, series: 5 })).toThrow();
});
