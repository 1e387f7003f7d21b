import { type ChartDefinition, parseChart } from '../chart';
import { formulaOf, rowsOf } from '../origins';
import { testChart, testSeries } from '../testing';
import { draftChart } from './draft';
import { namingColumns, seriesOfAll, seriesOfRow, withRow } from './rowSeries';
import { type WorkedOut, workedOutElsewhere, withWorkedOut } from './workedOut';

const source = {
  id: 7,
  columns: [
    { name: 'Month', kind: 'date' },
    { name: 'Item', kind: 'text', distinct: 3 },
    { name: 'Receipt', kind: 'text', distinct: 900 },
    { name: 'Value', kind: 'number' },
  ] as const,
};

describe('rows of names and values', () => {
  const named = { source, column: 'Item' };
  const first = draftChart(source);
  const looked = {
    ...first,
    series: first.series.map((each) => ({ ...each, stroke: { ...each.stroke, width: 5 } })),
  };

  it('offers the columns of few words', () => expect(namingColumns(source)).toEqual(['Item']));

  it('gives the line that drew all of them to the first that is ticked, with its look', () => {
    const ticked = withRow(looked, named, 'Fares', true);
    expect(ticked.series).toMatchObject([{ id: 'series', name: 'Fares', stroke: { width: 5 } }]);
    const [fares] = ticked.series;
    expect(fares && rowsOf(fares.figures)).toMatchObject({
      sourceId: 7,
      column: 'Value',
      filters: [{ kind: 'words', column: 'Item', words: ['Fares'], keep: true }],
    });
    expect(seriesOfAll(looked, named)?.id).toBe('series');
    expect(seriesOfAll(ticked, named)).toBeUndefined();
  });

  it('adds the others after it by what their names say, and takes out what is ticked no more', () => {
    const all = ['Fares', 'Target', 'Fuel'].reduce<ChartDefinition>(
      (chart, word) => withRow(chart, named, word, true),
      looked,
    );
    expect(all.series.map(({ name, role }) => [name, role])).toEqual([
      ['Fares', 'actual'],
      ['Target', 'target'],
      ['Fuel', 'actual'],
    ]);
    expect(new Set(all.series.map(({ id }) => id)).size).toBe(3);
    expect(parseChart(JSON.parse(JSON.stringify(all)))).toEqual(all);
    expect(withRow(all, named, 'Fuel', true)).toBe(all);
    const fewer = withRow(all, named, 'Target', false);
    expect(fewer.series.map(({ name }) => name)).toEqual(['Fares', 'Fuel']);
    expect(seriesOfRow(fewer, named, 'Target')).toBeUndefined();
  });
});

describe('what was worked out in another chart', () => {
  const formula = (id: string, name: string, text: string) =>
    testSeries(id, { name, figures: { kind: 'formula', text } });
  const from = {
    title: 'Costs',
    series: [
      testSeries('fares', { name: 'Fares' }),
      formula('fuel', 'Fuel', '60% of Fares'),
      formula('left', 'Left', 'Fares - Fuel'),
      formula('lost', 'Lost', 'Fares - Nowhere'),
    ],
  };
  const chart = { ...testChart(), series: [testSeries('fares', { name: 'fares' })] };
  const offered = workedOutElsewhere(chart, [from, from]);
  const [fuel, left] = offered as [WorkedOut, WorkedOut];

  it('is offered once, where its names can be had', () =>
    expect(offered.map(({ series, formula: text }) => [series.name, text])).toEqual([
      ['Fuel', '60% of Fares'],
      ['Left', 'Fares - Fuel'],
    ]));

  it('takes along what it needs, not drawn, and what the chart has as it is', () => {
    const { series } = withWorkedOut(chart, left);
    expect(series.map(({ name, hidden }) => [name, hidden])).toEqual([
      ['fares', false],
      ['Fuel', true],
      ['Left', false],
    ]);
    expect(series.map(({ figures }) => formulaOf(figures))).toEqual([
      null,
      '60% of Fares',
      'Fares - Fuel',
    ]);
    const bare = withWorkedOut({ ...chart, series: [] }, fuel);
    expect(bare.series.map(({ name, hidden }) => [name, hidden])).toEqual([
      ['Fares', true],
      ['Fuel', false],
    ]);
  });

  it('comes to an end where two name each other', () => {
    const one = formula('a', 'A', 'B');
    const round = { title: '', series: [one, formula('b', 'B', 'A')] };
    const both = withWorkedOut({ ...chart, series: [] }, { from: round, series: one });
    expect(both.series.map(({ name }) => name)).toEqual(['B', 'A']);
  });
});
