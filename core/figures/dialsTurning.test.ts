import type { DialDefinition } from '../dials';
import { draftRule } from '../editing';
import { testChart, testSeries } from '../testing';
import { dialsTurning } from './dialsTurning';
import { drawnChart } from './drawnChart';

const dial: DialDefinition = {
  kind: 'number',
  id: 'limit',
  name: 'Limit',
  value: 5,
  from: 0,
  to: 10,
  step: 1,
};
const words: DialDefinition = {
  kind: 'several',
  id: 'words',
  name: 'Bands',
  value: [],
  choices: ['Middle'],
};
const edge = { kind: 'dial' as const, dial: 'limit' };
const shown = { dials: [dial, words], series: [testSeries('Fares')] };

it.each<[string, Parameters<typeof testChart>[0], string[]]>([
  ['nothing', {}, []],
  [
    'a line',
    {
      yardsticks: [
        { id: 'y', kind: 'line', name: 'Y', onAxis: true, shading: 'none', value: edge },
      ],
    },
    ['Limit'],
  ],
  [
    'a rule',
    {
      colourRules: [
        draftRule('r', 'Fares', { kind: 'value', is: 'atLeast', than: edge } as never, 'teal'),
      ],
    },
    ['Limit'],
  ],
  ['which yardsticks stand', { yardsticksBy: 'words' }, ['Bands']],
  ['which lines stand apart', { emphasises: { kind: 'chosen', dial: 'words' } }, ['Bands']],
  [
    'a formula',
    {
      series: [
        testSeries('Fares'),
        testSeries('f', { figures: { kind: 'formula', text: 'Fares * Limit' } }),
      ],
    },
    ['Limit'],
  ],
  [
    'a filter',
    {
      filters: [
        {
          filter: { kind: 'words', column: 'Route', words: [], keep: true },
          rest: 'removed',
          dial: 'words',
        },
      ],
    },
    ['Bands'],
  ],
])('finds the dials that turn %s', (_what, more, wanted) => {
  const chart = drawnChart(testChart({ ...shown, ...more }), 'readers');
  expect(dialsTurning(chart).map(({ name }) => name)).toEqual(wanted);
});
