import { type ChartDefinition, parseChart } from '../chart';
import { conditionEntry } from '../conditions';
import { dialEntry } from '../dials';
import { sentenceOf, sentencesOf, testChart, testSeries } from '../testing';
import {
  type About,
  alternatives,
  type Entry,
  isNamed,
  phrasesOf,
  readText,
  saidAs,
  unsaid,
  type Way,
} from '../sentences';
import { filterLine, ruleLine, standoutLine, yardstickAlone } from './lines';
import { lookLines } from './lookLines';
import { namesWith } from './printChart';
import { headLine, seriesSaid } from './seriesLine';

const chart = testChart({
  series: [testSeries('one'), testSeries('two')],
  yardsticks: [
    {
      kind: 'line',
      id: 'level',
      name: 'Level',
      value: { kind: 'number', number: 4 },
      onAxis: true,
    },
  ] as never,
  dials: [
    { kind: 'number', id: 'limit', name: 'Limit', value: 4, from: 0, to: 9, step: 1 },
    { kind: 'date', id: 'day', name: 'Day', value: '2026-11-23' },
  ],
});
const around = {
  source: [{ id: 1, name: 'Sailings', date: 'Date' }],
  column: [{ id: 'Route', name: 'Route' }],
  chart: [{ id: 2, name: 'Other' }],
  measure: [{ id: 3, name: 'Fare' }],
};
const names = namesWith(chart, around);
const about: About = { names, level: 40, today: '2026-11-23' };
const [series] = chart.series;

/** Everything that has a sentence of its own, and the chart that it is put into. */
const things: Record<string, [Entry<unknown>, (drafted: object) => Partial<ChartDefinition>]> = {
  yardstick: [
    yardstickAlone as unknown as Entry<unknown>,
    (of) => ({ yardsticks: [{ name: 'New', ...of, id: 'new' } as never] }),
  ],
  rule: [
    ruleLine as unknown as Entry<unknown>,
    (of) => ({ colourRules: [{ ...of, id: 'new' } as never] }),
  ],
  standout: [
    standoutLine as unknown as Entry<unknown>,
    (of) => ({ standouts: [{ ...of, id: 'new' } as never] }),
  ],
  dial: [
    dialEntry as unknown as Entry<unknown>,
    (of) => ({ dials: [...chart.dials, { ...of, id: 'new', name: 'New' } as never] }),
  ],
  filter: [filterLine as unknown as Entry<unknown>, (of) => ({ filters: [of as never] })],
  series: [
    seriesSaid as unknown as Entry<unknown>,
    (of) => ({
      series: chart.series.map((each) =>
        each === series
          ? ({ ...each, ...of, name: each.name, id: each.id, stroke: each.stroke } as never)
          : each,
      ),
    }),
  ],
  head: [headLine as unknown as Entry<unknown>, (of) => of],
  look: [lookLines as unknown as Entry<unknown>, (of) => of],
};

const all = Object.entries(things).flatMap(([of, [entry]]) =>
  sentencesOf(entry).map((way, at) => ({ of: `${of} ${at}`, way })),
);
it.each(all)('begins with a draft that it reads back: $of', ({ way }) => {
  const draft = way.entry.draft(about);
  expect([way.is(draft), way.entry.fits(draft)]).toEqual([true, true]);
  const printed = way.entry.print(draft, names);
  expect([printed, readText(way.entry, printed, names)]).toEqual([printed, { value: draft }]);
});

it.each(all)(
  'says each of its options when it is taken, and leaves it out again: $of',
  ({ way }) => {
    const sentence = sentenceOf(way);
    const draft = sentence.draft(about);
    const { phrases: before } = phrasesOf(sentence, draft, names);
    // Each setting is told from the others of its sentence by what it is called.
    const labels = before.map(({ label }) => label);
    expect([...new Set(labels)]).toEqual(labels);
    for (const { path, value, words } of unsaid(sentence, draft, about)) {
      const said = sentence.put(draft, path, value, names);
      const phrase = phrasesOf(sentence, said, names).phrases.find(
        (each) => each.path.join() === path.join(),
      );
      expect([phrase?.words, phrase?.value]).toEqual([words, value]);
      expect(phrase?.label).not.toBe('');
      expect(sentence.put(said, path, phrase?.plain?.value, names)).toEqual(draft);
    }
    // Every option that is not said yet can be taken; a word of a category is set beside it.
    const taken = new Set(unsaid(sentence, draft, about).map(({ path }) => path.join()));
    const plain = sentence.options.filter(
      ({ path, entry }) =>
        entry.setting().control !== 'word' &&
        !before.some((each) => each.path.join() === path.join()),
    );
    expect(plain.filter(({ path }) => !taken.has(path.join()))).toEqual([]);
  },
);

it.each(Object.entries(things))('drafts only what a chart can hold: %s', (_, [entry, put]) => {
  const ways = alternatives(entry.setting());
  for (const way of ways.length > 0 ? ways : [{ is: () => true, entry }])
    parseChart({ ...chart, ...put(way.entry.draft(about) as object) });
});

it('keeps what two ways of saying something have alike', () => {
  const ways = alternatives(yardstickAlone.setting());
  const scope = { periods: 'last', count: 6, per: 'panel' };
  const mean = {
    kind: 'line',
    value: { kind: 'statistic', statistic: 'median', series: 'two', scope },
  };
  const edges = alternatives(
    sentenceOf(ways[0] as Way)
      .parts.find((part) => typeof part === 'object')
      ?.entry.setting() as never,
  );
  const by = edges[1]?.entry as Entry<unknown>;
  expect(edges.map(({ entry }) => saidAs(entry, mean.value, by, about))).toEqual([
    { kind: 'number', number: 40 },
    mean.value,
    { kind: 'percentile', percent: 90, series: 'two', scope },
    { kind: 'deviation', times: 1, series: 'two', scope },
    { kind: 'dial', dial: 'limit' },
  ]);
});

it('keeps what no sentence speaks of, and drops what only the way before spoke of', () => {
  const [turned, , plain] = alternatives(yardstickAlone.setting()).filter(
    (way) => (way.entry.draft(about) as { kind: string }).kind === 'today',
  );
  const before = { kind: 'today', id: 'now', offsetDays: 7, dial: 'limit', look: { width: 3 } };
  expect(
    saidAs(plain?.entry as Entry<unknown>, before, turned?.entry as Entry<unknown>, about),
  ).toMatchObject({ kind: 'today', id: 'now', offsetDays: 7, look: { width: 3 } });
  expect(
    saidAs(plain?.entry as Entry<unknown>, before, turned?.entry as Entry<unknown>, about),
  ).not.toHaveProperty('dial');
});

it('tells a way of saying something that has nothing to name from those that do', () => {
  const alone = { names: { ...names, series: [] }, level: 40, today: '2026-11-23' };
  const named = (given: About) =>
    alternatives(conditionEntry.setting())
      .filter(({ entry }) => !isNamed(entry, entry.draft(given)))
      .map(({ entry }) => entry.print(entry.draft(given), given.names));
  expect(named(about)).toEqual([]);
  expect(named(alone)).toEqual(['is at least the missing series ""']);
});
