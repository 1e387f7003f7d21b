import vectors from '../vectors/handover.json';
import { handOver } from './handover';
import type { SeriesLine } from './series';

const line = (seriesId: string, figures: (number | null)[], more: Partial<SeriesLine> = {}) =>
  ({
    id: seriesId,
    seriesId,
    key: '',
    split: false,
    figures,
    drawn: figures,
    open: figures.map(() => false),
    joins: null,
    handsOver: null,
    definition: { handover: seriesId === 'actual' ? 'forecast' : null },
    ...more,
  }) as SeriesLine;

it.each(vectors.cases)('hands over after $lastActual, drawn on to $connector.1', (vector) => {
  const lines = [line('actual', vector.actual), line('forecast', vector.forecast)];
  const [actual, forecast] = handOver(lines) as [SeriesLine, SeriesLine];
  expect(actual.figures).toEqual(vector.actual);
  expect(actual.handsOver).toBe(vector.lastActual);
  const drawn = forecast.figures.flatMap((figure, place) => (figure === null ? [] : [place]));
  expect(drawn).toEqual(vector.forecastDrawn);
  expect(drawn.map((place) => forecast.figures[place])).toEqual(
    drawn.map((place) => vector.forecast[place]),
  );
  const [from, to] = vector.connector;
  expect([forecast.joins, drawn[0]]).toEqual([
    { place: from, figure: vector.actual[from as number] },
    to,
  ]);
});

it('hands over at the last finished period: the open one shows the forecast', () => {
  const open = [false, false, true];
  const [actual, forecast] = handOver([
    line('actual', [1, 2, 0.5], { open }),
    line('forecast', [9, 9, 3]),
  ]);
  expect([actual?.handsOver, actual?.figures]).toEqual([1, [1, 2, 0.5]]);
  expect(forecast?.figures).toEqual([null, null, 3]);
});

it('hands each line of a split over to that of its own word', () => {
  const split = (id: string, key: string, figures: (number | null)[]) =>
    line(id, figures, { id: `${id}:${key}`, key, split: true });
  const found = handOver([
    split('actual', 'North', [1, null]),
    split('actual', 'South', [null, null]),
    split('forecast', 'South', [5, 6]),
    split('forecast', 'North', [7, 8]),
  ]);
  expect(found.map(({ figures }) => figures).slice(2)).toEqual([
    [5, 6],
    [null, 8],
  ]);
});
