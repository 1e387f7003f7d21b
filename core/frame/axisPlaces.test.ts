import { tableOf } from '../testing';
import { aggregate } from './aggregate';
import type { AxisColumn } from './axisPlaces';

const piers = tableOf({
  name: 'Piers',
  kinds: ['text', 'number', 'date', 'text', 'number'],
  rows: `Pier,Built,Opened,Island,Boats
    Quill,1911,2026-03-01,Outer,4
    Osk,1890,2026-05-01,Inner,2
    Fenn,,,,1
    Quill,1880,2026-06-01,Inner,3
    Hallen,1890,2026-01-01,Outer,5`,
});

const along = (by?: AxisColumn['by']) =>
  aggregate(piers, {
    sourceId: 1,
    date: '',
    grain: 'day',
    aggregate: 'sum',
    column: 'Boats',
    splitBy: null,
    axisColumn: { column: 'Pier', of: 'words', ...(by && { by }) },
  });

it.each<[AxisColumn['by'], string[]]>([
  [undefined, ['Quill', 'Osk', 'Fenn', 'Hallen']],
  // The least beside each counts; of equal ones the earlier comes first, what has none last.
  [{ column: 'Built', first: 'lowest' }, ['Quill', 'Osk', 'Hallen', 'Fenn']],
  [{ column: 'Built', first: 'highest' }, ['Osk', 'Hallen', 'Quill', 'Fenn']],
  [{ column: 'Opened', first: 'lowest' }, ['Hallen', 'Quill', 'Osk', 'Fenn']],
  [{ column: 'Island', first: 'highest' }, ['Fenn', 'Osk', 'Quill', 'Hallen']],
])('words stand by what another column has beside them: %j', (by, wanted) => {
  const { axisPlaces, values } = along(by);
  expect(axisPlaces).toEqual(wanted);
  const boats: Record<string, number> = { Quill: 7, Osk: 2, Fenn: 1, Hallen: 5 };
  expect(values[0]).toEqual(wanted.map((pier) => boats[pier]));
});
