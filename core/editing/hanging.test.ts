import { testChart, testSeries } from '../testing';
import type { ChartDefinition, Part } from '../chart';
import { draftRule, draftStandout, withMark } from './draft';
import { hangingOn, withoutPart } from './hanging';
import { withRenamed } from './renaming';

const formula = (id: string, text: string) =>
  testSeries(id, { name: id, figures: { kind: 'formula', text } });
const level = (id: string, value: object) => ({
  id,
  kind: 'line',
  name: `Level ${id}`,
  shading: 'none',
  onAxis: true,
  value,
});

const plain = testChart({
  series: [
    testSeries('fares', { name: 'Fares', handover: 'plan' }),
    testSeries('plan', { name: 'Plan', role: 'budget' }),
    formula('twice', 'Plan * Share'),
  ],
  yardsticks: [
    level('mean', { kind: 'statistic', statistic: 'mean', series: 'plan' }),
    level('limit', { kind: 'dial', dial: 'share' }),
    { id: 'today', kind: 'today', offsetDays: 0, dial: 'share' },
  ] as ChartDefinition['yardsticks'],
  dials: [{ id: 'share', kind: 'number', name: 'Share' }] as unknown as ChartDefinition['dials'],
  filters: [
    {
      filter: { kind: 'words', column: 'Route', words: [], keep: true },
      rest: 'removed',
      dial: 'share',
    },
  ],
  colourRules: [
    draftRule('mean', 'fares', { kind: 'yardstick', is: 'over', yardstick: 'mean' }, 'brick'),
    draftRule('limit', 'fares', { kind: 'yardstick', is: 'over', yardstick: 'limit' }, 'brick'),
  ],
  standouts: [draftStandout('top', 'plan', { kind: 'highest' })],
  emphasis: 'plan:North',
});
const chart = withMark(plain, 'fares', { against: 'plan', good: 'atLeast' });

it.each<[Part, string[]]>([
  [
    { of: 'series', id: 'plan' },
    [
      'what “Fares” is held against',
      'what “Fares” hands over to',
      '“twice”',
      '“Level mean”',
      'a rule of “Fares”',
    ],
  ],
  [{ of: 'yardsticks', id: 'mean' }, ['a rule of “Fares”']],
  [
    { of: 'dials', id: 'share' },
    [
      '“twice”',
      '“Level limit”',
      'how far “Today” stands from today',
      'the filter of “Route”',
      'a rule of “Fares”',
    ],
  ],
  [{ of: 'series', id: 'twice' }, []],
])('says before %j is removed what hangs on it', (part, words) => {
  expect(hangingOn(chart, part).map((each) => each.words)).toEqual(words);
});

it.each<Part>([
  { of: 'series', id: 'plan' },
  { of: 'series', id: 'fares' },
  { of: 'yardsticks', id: 'mean' },
  { of: 'yardsticks', id: 'limit' },
  { of: 'dials', id: 'share' },
])('leaves no wreckage of %j', (part) => {
  const left = withoutPart(chart, part);
  expect(left[part.of].map(({ id }) => id)).not.toContain(part.id);
  expect(hangingOn(left, part)).toEqual([]);
  expect(JSON.stringify(left)).not.toMatch(new RegExp(`:"${part.id}[":]`));
  // Nor of what has gone along.
  for (const kind of ['series', 'yardsticks', 'dials'] as const)
    for (const { id } of chart[kind])
      if (left[kind].every((each) => each.id !== id))
        expect(hangingOn(left, { of: kind, id })).toEqual([]);
});

it('keeps what only used to name what is gone', () => {
  const left = withoutPart(chart, { of: 'dials', id: 'share' });
  expect(left.yardsticks.map(({ id }) => id)).toEqual(['mean', 'today']);
  expect(left.colourRules.map(({ id }) => id)).toEqual(['mean']);
  const unheld = withoutPart(chart, { of: 'series', id: 'plan' });
  expect(unheld.series).toMatchObject([{ id: 'fares', mark: null, handover: null }]);
  expect(unheld.emphasis).toBeNull();
});

it('lets formulas follow a dial that is renamed', () => {
  const renamed = withRenamed(chart, { of: 'dials', id: 'share' }, 'Part of all');
  expect(renamed.dials[0]?.name).toBe('Part of all');
  expect(renamed.series[2]?.figures).toMatchObject({ text: 'Plan * "Part of all"' });
});

it('takes a dial for no yardstick and no series that has its id', () => {
  const same = testChart({
    series: [
      testSeries('limit', { mark: { against: 'plan', good: 'atMost' } }),
      testSeries('plan'),
    ],
    yardsticks: [level('limit', { kind: 'dial', dial: 'limit' })] as ChartDefinition['yardsticks'],
    dials: [{ id: 'limit', kind: 'number', name: 'Limit' }] as unknown as ChartDefinition['dials'],
    colourRules: [draftRule('own', 'limit', { kind: 'mark', is: 'off' }, 'brick')],
    emphasis: 'limit',
  });
  const part = { of: 'dials', id: 'limit' } as const;
  expect(hangingOn(same, part).map(({ words }) => words)).toEqual(['“Level limit”']);
  const left = withoutPart(same, part);
  expect(left).toEqual({ ...same, dials: [], yardsticks: [] });
});
