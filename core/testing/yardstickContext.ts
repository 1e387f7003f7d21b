import type { Position } from '../arrangements';
import type { YardstickContext } from '../yardsticks';

export const positions: Position[] = [0, 31, 59, 90].map((start, place, starts) => {
  const next = starts[place + 1] ?? 120;
  return { start, next, middle: (start + next) / 2, open: place === 3, label: '' };
});

export const line = (seriesId: string, seriesName: string, figures: (number | null)[]) => ({
  id: `${seriesId}:${figures[0]}`,
  seriesId,
  seriesName,
  name: seriesName,
  key: '',
  split: false,
  plan: false,
  figures,
  drawn: figures,
  open: [false, false, false, true],
  absent: [],
  joins: null,
  handsOver: null,
  age: null,
});

export const lines = [
  line('fares', 'Fares', [10, 20, null, 900]),
  line('fares', 'Fares', [1, 2, 6, 800]),
  line('costs', 'Costs', [5, 5, 5, 5]),
];

const dials = new Map([['limit', 7]]);
/** Three lines over four months, the last of which is open. */
export const calendar: YardstickContext = {
  axis: 'calendar',
  positions,
  lines,
  today: 0,
  yearStart: 1,
  dials,
};
