import { dayOfDate } from '../calendar';
import type { ColourRuleDefinition } from '../chart';
import type { ConditionDefinition } from '../conditions';
import { chartFrames, drawnChart } from '../figures';
import { draftRule } from '../editing';
import { testChart, testFrame, testSeries } from '../testing';
import { coloursWorn } from './rules';
import { readChart } from './readChart';

const periods = [1, 2, 3, 4].map((month) => dayOfDate(2026, month, 1));
const today = dayOfDate(2026, 6, 1);

/** The colours of a line of four figures, its own first, and those that rules give it over values. */
function worn(...limits: [over: number, colour: 'brick' | 'plum'][]) {
  const chart = testChart({
    series: [testSeries('Fares')],
    colourRules: limits.map(([number, colour]) =>
      draftRule(
        colour,
        'Fares',
        { kind: 'value', is: 'over', to: { kind: 'number', number } },
        colour,
      ),
    ),
  });
  const frame = testFrame({ periods, values: [[10, 20, 30, 40]], completeTo: today - 1 });
  const { frames } = chartFrames(chart, { Fares: frame }, today);
  const reading = readChart(drawnChart(chart), frames, { today });
  const [line] = reading.panels.flatMap(({ series }) => series);
  return line && { own: line.stroke.colour, worn: coloursWorn(line, reading) };
}

it('lets a line keep its own colour at its name while a part of it is drawn so', () => {
  const part = worn([25, 'brick']);
  expect(part?.worn).toEqual([part?.own, 'brick']);
  const whole = worn([25, 'brick'], [0, 'plum']);
  expect(whole?.worn).toEqual(['brick', 'plum']);
  const none = worn([100, 'brick']);
  expect(none?.worn).toEqual([none?.own]);
});

it('tells the colour of a line that is judged, and of which nothing can be', () => {
  const fares = testSeries('Fares', { mark: { against: 'Budget', good: 'atLeast' } });
  const chart = testChart({
    series: [fares, testSeries('Budget')],
    colourRules: [draftRule('off', 'Fares', { kind: 'mark', is: 'off' }, 'brick')],
  });
  const frame = testFrame({ periods, values: [[10, 20, 30, 40]], completeTo: today - 1 });
  const none = testFrame({ periods, values: [[null, null, null, null]], completeTo: today - 1 });
  const { frames } = chartFrames(chart, { Fares: frame, Budget: none }, today);
  const reading = readChart(drawnChart(chart), frames, { today });
  const [line] = reading.panels.flatMap(({ series }) => series);
  expect(line && coloursWorn(line, reading)).toEqual(['ink']);
});

/** How the lines of a split are drawn by one rule over 25: the strokes of each, what it caught, its warning. */
function drawnBy(more: Partial<ColourRuleDefinition>) {
  const split = { column: 'Route', order: [], coloured: [], colourBy: null, top: null };
  const over: ConditionDefinition = {
    kind: 'value',
    is: 'over',
    to: { kind: 'number', number: 25 },
  };
  const chart = testChart({
    series: [testSeries('Fares', { split })],
    colourRules: [{ ...draftRule('rule', 'Fares', over, 'brick'), ...more }],
  });
  const values = [
    [10, 20, 30, 40],
    [10, 20, 30, 40],
  ];
  const frame = testFrame({ periods, keys: ['Quill', 'Osk'], values, completeTo: today - 1 });
  const { frames } = chartFrames(chart, { Fares: frame }, today);
  const { panels, rules } = readChart(drawnChart(chart), frames, { today });
  const lines = panels.flatMap(({ series }) => series);
  const drawn = lines.map(({ stroke, pieces }) =>
    pieces.map(({ colour, dash, width }) => [
      colour === stroke.colour ? 'own' : colour,
      dash === stroke.dash ? 'own' : dash,
      width === stroke.width ? 'own' : width,
    ]),
  );
  return { drawn, caught: rules[0]?.caught, warning: rules[0]?.warning };
}

const plain = ['own', 'own', 'own'];

it.each<[string, Partial<ColourRuleDefinition>, unknown[]]>([
  ['its colour alone', { colour: 'plum', width: null, dash: null }, ['plum', 'own', 'own']],
  ['its dash alone, in its own colour', { colour: null, dash: 'dot' }, ['own', 'dot', 'own']],
  ['its width alone, in its own colour', { colour: null, width: 6 }, ['own', 'own', 6]],
])('a rule changes of a line %s', (_, more, changed) => {
  const { drawn, caught } = drawnBy(more);
  expect(drawn).toEqual([
    [plain, changed],
    [plain, changed],
  ]);
  expect(caught).toBe(4);
});

it('a rule holds for one line of several, and says so when none is called so', () => {
  const of = (only: string) => drawnBy({ colour: 'plum', dash: 'dot', only });
  expect(of('Osk')).toMatchObject({ drawn: [[plain], [plain, ['plum', 'dot', 'own']]], caught: 2 });
  expect(of('Skerrow')).toMatchObject({
    drawn: [[plain], [plain]],
    caught: 0,
    warning: 'No line of Fares is called “Skerrow”.',
  });
});
