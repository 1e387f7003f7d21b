import { sayBelongings } from './sayBelongings';

const titled = (...titles: string[]) => titles.map((title, id) => ({ id, title }));
const stays = 'What you wrote on colleagues’ dashboards stays, by “Somebody who has left”.';

it.each([
  [
    'names what is deleted, and whom it is missed by',
    { dashboards: titled('Board'), sources: titled('Fares', 'Ports'), othersCharts: 1 },
    null,
    [
      'One dashboard is deleted, for everybody who sees it: “Board”.',
      '2 sources are deleted, for everybody who sees them: “Fares”, “Ports”.',
      'One chart on a colleague’s dashboard draws from them, and will show nothing.',
    ],
  ],
  [
    'names who takes it over, and counts what is too much to name',
    { dashboards: [], sources: titled('A', 'B', 'C', 'D', 'E', 'F', 'G'), othersCharts: 3 },
    'Ivo',
    [
      'You own no dashboards.',
      '7 sources are handed over to Ivo: “A”, “B”, “C”, “D”, “E”, 2 more.',
    ],
  ],
  [
    'counts the charts of others',
    { dashboards: [], sources: titled('A'), othersCharts: 3 },
    null,
    [
      'You own no dashboards.',
      'One source is deleted, for everybody who sees it: “A”.',
      '3 charts on colleagues’ dashboards draw from them, and will show nothing.',
    ],
  ],
])('%s', (_, owned, heir, sentences) => {
  expect(sayBelongings({ ...owned, heirs: [] }, heir)).toEqual([...sentences, stays]);
});
