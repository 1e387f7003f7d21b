import { draftChart } from './draft';
import { parseChart } from './schema';
import { upgradeChart } from './upgrade';
import type { ChartDefinition, YardstickDefinition } from './definition';

const drafted = draftChart({ id: 1, columns: [{ name: 'Day', kind: 'date' }] });
const level = (id: string, number: number | null) =>
  ({
    ...{ id, kind: 'line', name: id, onAxis: true },
    value: { kind: 'number', number },
  }) as YardstickDefinition;

it('mends what earlier versions stored, so that it can be saved unchanged', () => {
  const stored: ChartDefinition = {
    ...drafted,
    yardsticks: [...drafted.yardsticks, level('none', null), level('far', 1e308), level('kept', 5)],
  };
  const mended = upgradeChart(stored);
  expect(mended.yardsticks.map(({ id }) => id)).toEqual(['today', 'kept']);
  expect(parseChart(JSON.parse(JSON.stringify(mended)))).toEqual(mended);
});

it('leaves alone what needs no mending', () => {
  expect(upgradeChart(drafted)).toBe(drafted);
});
