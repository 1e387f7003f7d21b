import { parseDay } from '../../core/calendar';
import {
  type BoardStyle,
  type ChartDefinition,
  chartSchema,
  paletteNames,
  plainSheet,
  plainStroke,
  plainStyle,
  type StyledYardstick,
} from '../../core/chart';
import { draftRule, draftStandout } from '../../core/editing';
import { chartFrames, drawnChart } from '../../core/figures';
import { readChart } from '../../core/reading';
import { testChart, testFrame, testSeries } from '../../core/testing';
import { drawChart } from './drawing';

const day = (text: string) => parseDay(text) as number;
const months = Array.from({ length: 8 }, (_, at) => day(`2026-0${at + 1}-01`));
const measure = (text: string, size: number) => text.length * size * 0.55;

const level = {
  kind: 'line',
  name: 'Level',
  value: { kind: 'number', number: 12 },
  shading: 'none',
  onAxis: true,
};

/** A chart of a line held against another, one on the second axis, with a rule and a standout. */
const chart = testChart({
  title: 'Fares',
  series: [
    testSeries('Fares', {
      mark: { against: 'Budget', good: 'atLeast' },
      stroke: { ...plainStroke, points: { at: 'all', colour: null, sizes: [5, 9] } },
    }),
    testSeries('Budget', { role: 'budget' }),
    testSeries('Rate', { valueAxis: 'second' }),
  ],
  yardsticks: [{ id: 'level', ...level } as unknown as StyledYardstick],
  colourRules: [
    draftRule(
      'over',
      'Fares',
      { kind: 'value', is: 'over', to: { kind: 'number', number: 11 } },
      'plum',
    ),
  ],
  standouts: [draftStandout('top', 'Fares', { kind: 'highest' })],
  sheet: plainSheet,
});

/** The same with a line for each of two routes. */
const split = {
  column: 'Route',
  order: ['Quill', 'Osk'],
  coloured: [],
  colourBy: null,
  top: null,
};
const divided = set(set(chart, 'series.0.split', split), 'series.0.mark', null);
const panels = set(divided, 'arrangement', { kind: 'panels', shape: 'row', ownAxes: false });
const legend = set(chart, 'names.as', 'legend');

/** A copy in which what stands at a path is another. */
function set<Whole>(whole: Whole, path: string, value: unknown): Whole {
  const copy = structuredClone(whole);
  const keys = path.split('.');
  const last = keys.pop() as string;
  const holder = keys.reduce((at, key) => at[key] as never, copy as Record<string, unknown>);
  holder[last] = value;
  return copy;
}

function drawn(definition: ChartDefinition, style: BoardStyle) {
  const wave = (of: number) => [10, 14, 12, 9, 8, 12, 15, 11].map((each) => each + of);
  const today = day('2026-09-20');
  const aggregated = Object.fromEntries(
    definition.series.map(({ id, split: own }, at) => [
      id,
      testFrame({
        periods: months,
        keys: own ? ['Quill', 'Osk'] : [''],
        groups: own?.colourBy ? ['east', 'east'] : null,
        values: own
          ? [wave(at), wave(at + 2)]
          : [id === 'Budget' ? months.map(() => 11) : wave(at)],
        completeTo: day('2026-08-31'),
      }),
    ]),
  );
  const { frames } = chartFrames(definition, aggregated, today);
  const reading = readChart(drawnChart(definition), frames, { today, style });
  const {
    data,
    layout,
    panels: placed,
    legend: entries,
  } = drawChart(reading, {
    width: 1100,
    height: 420,
    highlight: [],
    notes: [],
    measure,
  });
  const { annotations, shapes, ...axes } = layout;
  const places = placed.map(({ geometry }) => geometry);
  const words = [
    annotations,
    placed.map(({ endLabels }) => endLabels),
    entries,
    Object.values(axes).map((axis) => (axis as { ticktext?: string[] } | undefined)?.ticktext),
  ];
  return {
    strokes: JSON.stringify([data, shapes, layout.paper_bgcolor]),
    places: JSON.stringify([places, axes]),
    words: JSON.stringify(words),
  };
}

type Part = keyof ReturnType<typeof drawn>;

const base = { chart, divided, panels, legend };
type Case = [of: keyof typeof base, value: unknown, part: Part];

const short = { marks: 'comma', decimals: 2, short: true, unit: '£', unitAt: 'before' };
const valueAxis = (which: string): Record<string, Case[]> => ({
  [`axes.${which}.starts`]: [['chart', 'zero', 'places']],
  [`axes.${which}.from`]: [['chart', -5, 'places']],
  [`axes.${which}.to`]: [['chart', 40, 'places']],
  [`axes.${which}.title`]: [['chart', 'Pounds', 'words']],
  [`axes.${which}.numbers`]: [['chart', short, 'words']],
});

/** Every setting of how a chart looks, by its path, with what of the picture it changes. */
const settings: Record<string, Case[]> = {
  'series.0.stroke.colour': [['chart', 'plum', 'strokes']],
  'series.0.stroke.dash': [['chart', 'dot', 'strokes']],
  'series.0.stroke.width': [
    ['chart', 7, 'strokes'],
    ['chart', 0.25, 'strokes'],
  ],
  'series.0.stroke.place': [['chart', 2, 'strokes']],
  'series.0.stroke.shape': [
    ['chart', 'smooth', 'strokes'],
    ['chart', 'stepped', 'strokes'],
    ['chart', 'bars', 'strokes'],
  ],
  'series.0.stroke.points.at': [
    ['chart', 'none', 'strokes'],
    ['chart', 'sized', 'strokes'],
    ['divided', 'none', 'strokes'],
  ],
  'series.0.stroke.points.colour': [['chart', 'brick', 'strokes']],
  'series.0.stroke.points.sizes': [['chart', [9, 12], 'strokes']],
  'series.0.stroke.filled': [['chart', true, 'strokes']],
  'series.0.stroke.gradient': [
    ['chart', 'value', 'strokes'],
    ['chart', 'mark', 'strokes'],
  ],
  'series.0.split.alike': [['divided', true, 'strokes']],
  'series.0.split.inInk': [['divided', ['Osk'], 'strokes']],
  'series.0.split.colourBy': [['divided', 'Coast', 'strokes']],
  'colourRules.0.colour': [
    ['chart', 'brick', 'strokes'],
    ['chart', null, 'strokes'],
  ],
  'colourRules.0.dash': [['chart', 'dot', 'strokes']],
  'colourRules.0.width': [['chart', 6, 'strokes']],
  'colourRules.0.effect': [
    ['chart', 'points', 'strokes'],
    ['chart', 'fill', 'strokes'],
  ],
  'colourRules.0.only': [['divided', 'Osk', 'strokes']],
  'colourRules.0.name': [['legend', 'High', 'words']],
  'standouts.0.label': [
    ['chart', ['value', 'name'], 'words'],
    ['chart', ['date'], 'words'],
    ['chart', [], 'words'],
  ],
  'standouts.0.side': [
    ['chart', 'right', 'words'],
    ['chart', 'below', 'words'],
    ['chart', 'left', 'words'],
  ],
  'standouts.0.colour': [
    ['chart', 'brick', 'strokes'],
    ['chart', 'brick', 'words'],
  ],
  ...valueAxis('first'),
  ...valueAxis('second'),
  'axes.second.aligned': [['chart', true, 'places']],
  'axes.dates': [['chart', 'iso', 'words']],
  'axes.wholeDates': [['chart', true, 'words']],
  'axes.title': [['chart', 'Month of sailing', 'words']],
  'axes.shown.gridlines': [['chart', false, 'places']],
  'axes.shown.scales': [['chart', false, 'strokes']],
  'axes.shown.values': [['chart', false, 'places']],
  'axes.shown.dates': [['chart', false, 'words']],
  'names.as': [['chart', 'legend', 'words']],
  'names.yardsticks': [['legend', true, 'words']],
  'names.lettered': [['legend', true, 'words']],
  'sheet.ground': [['chart', 'teal', 'strokes']],
  'sheet.separators.shown': [['panels', false, 'strokes']],
  'sheet.separators.colour': [['panels', 'ink', 'strokes']],
  'sheet.separators.dash': [['panels', 'dash', 'strokes']],
  'sheet.separators.width': [['panels', 3, 'strokes']],
};

/** What is set elsewhere: which figures, which conditions, what it is called, and what it is held against. */
const notOfLook =
  /^(series\.0\.split\.(column|order|coloured|top)|colourRules\.0\.(id|series|condition)|standouts\.0\.(id|series|pick|ties|per|scope))$/;

interface Field {
  fields?: Record<string, Field>;
  innerType?: Field;
}

/** The paths of all fields beneath one, down to the last. */
function pathsOf(field: Field | undefined, path: string): string[] {
  const inner = Object.entries(field?.fields ?? {});
  const isLeaf = inner.length === 0 || path.endsWith('.numbers') || path.endsWith('.top');
  return isLeaf ? [path] : inner.flatMap(([name, each]) => pathsOf(each, `${path}.${name}`));
}

it('has a case for each setting of how a chart looks', () => {
  const { fields = {} } = chartSchema as unknown as Field;
  const series = fields.series?.innerType?.fields ?? {};
  const found = [
    ...pathsOf(series.stroke, 'series.0.stroke'),
    ...pathsOf(series.split, 'series.0.split'),
    ...pathsOf(fields.colourRules?.innerType, 'colourRules.0'),
    ...pathsOf(fields.standouts?.innerType, 'standouts.0'),
    ...['axes', 'names', 'sheet'].flatMap((name) => pathsOf(fields[name], name)),
  ].map((path) => path.replace(/\.scope\..*/, '.scope'));
  const wanted = [...new Set(found)].filter((path) => !notOfLook.test(path));
  expect(Object.keys(settings).sort()).toEqual(wanted.sort());
});

const plainly = new Map<string, ReturnType<typeof drawn>>();
const asItIs = (of: keyof typeof base) => {
  const found = plainly.get(of) ?? drawn(base[of], plainStyle);
  plainly.set(of, found);
  return found;
};

it.each(
  Object.entries(settings).flatMap(([path, cases]) =>
    cases.map(([of, value, part]) => [path, JSON.stringify(value), of, part, value] as const),
  ),
)('draws a chart otherwise by its %s: %s', (path, _, of, part, value) => {
  const isSame = drawn(set(base[of], path, value), plainStyle)[part] === asItIs(of)[part];
  expect(isSame).toBe(false);
});

const strokes = { actual: { colour: 'brick', dash: 'dot', width: 5 } } as const;

/** Every setting of a dashboard's style. */
const styles: { [Name in keyof BoardStyle]: [BoardStyle[Name], Part][] } = {
  textSize: [
    ['small', 'words'],
    ['large', 'words'],
    ['largest', 'words'],
  ],
  numbers: [[short as BoardStyle['numbers'], 'words']],
  dates: [['iso', 'words']],
  palette: [[paletteNames[1] as BoardStyle['palette'], 'strokes']],
  strokes: [[strokes, 'strokes']],
};

it.each(
  Object.entries(styles).flatMap(([name, cases]) =>
    (cases as [unknown, Part][]).map(([value, part]) => [name, value, part] as const),
  ),
)('draws a chart otherwise by the %s of its dashboard: %j', (name, value, part) => {
  const style = { ...plainStyle, [name]: value };
  expect(drawn(divided, style)[part] === asItIs('divided')[part]).toBe(false);
  expect(Object.keys(styles).sort()).toEqual(Object.keys(plainStyle).sort());
});
