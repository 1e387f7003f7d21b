import { periodsBetween } from '../calendar';
import { chartFrames } from '../figures';
import { draftRule } from '../editing';
import { heldAt, plainLine, testChart, testFrame, testSeries } from '../testing';
import { judge, strokePieces } from '../rules';
import { findSpells } from '../spells';
import { difference } from '../values';
import vectors from '../vectors/bands.json';
import { readChart } from './readChart';

it.each(vectors.bands)('holds $values within its band', (vector) => {
  const { values, low, high } = vector;
  const differences = values.map((figure, place) => {
    const [from, to] = [low[place] as number, high[place] as number];
    if (figure === null) return null;
    if (figure < from) return difference(figure, from, true);
    return figure > to ? difference(figure, to, true) : 0;
  });
  expect(differences).toEqual(vector.differences);
  const judgements = judge(differences, [], 'within');
  expect(judgements).toEqual(vector.judgements);
  const spells = findSpells(judgements, differences, true).map(({ from, to, periods, total }) => ({
    from,
    to,
    periods,
    total,
    side: total < 0 ? 'under' : 'over',
  }));
  expect(spells).toEqual(vector.spells.map((spell) => ({ ...spell })));
});

it('changes colour at both edges of a band', () => {
  const line = plainLine([0, 10]);
  const edges = { low: [2, 2], high: [6, 6] };
  const pieces = strokePieces(line, { ...heldAt([-2, 4], 'within'), edges });
  expect(pieces.map(({ x, judgement }) => [x, judgement])).toEqual([
    [[0, 2], 'off'],
    [[2, 6], 'on'],
    [[6, 10], 'off'],
  ]);
});

it('reads a series that is held within a band among the yardsticks', () => {
  const fares = testSeries('fares', { mark: { against: 'usual', good: 'atMost' } });
  const chart = testChart({
    series: [fares],
    yardsticks: [
      {
        id: 'usual',
        kind: 'band',
        name: 'Usual range',
        onAxis: false,
        from: { kind: 'number', number: 10 },
        to: { kind: 'number', number: 20 },
      },
    ],
    colourRules: [
      draftRule('off', 'fares', { kind: 'mark', is: 'off' }, 'brick'),
      draftRule('on', 'fares', { kind: 'mark', is: 'on' }, 'indigo'),
    ],
  });
  const values = [8, 10, 15, 20, 26, 3];
  const periods = periodsBetween(20_454, 21_000, 'month', values.length);
  const frame = testFrame({ periods, values: [values], completeTo: 30_000 });
  const { frames } = chartFrames(chart, { fares: frame }, 22_000);
  const reading = readChart(chart, frames, { today: 22_000 });
  const comparison = reading.panels[0]?.series[0]?.comparison;
  expect(comparison).toMatchObject({
    good: 'within',
    markName: 'Usual range',
    differences: [-2, 0, 0, 0, 6, -7],
    marks: [10, 10, 10, 20, 20, 10],
    judgements: ['off', 'on', 'on', 'on', 'off', 'off'],
  });
  expect(comparison?.spells.map(({ from, to }) => [from, to])).toEqual([
    [0, 0],
    [4, 4],
    [5, 5],
  ]);
  expect(reading.rules.map(({ name }) => name)).toEqual([
    'Outside Usual range',
    'Within Usual range',
  ]);
});
