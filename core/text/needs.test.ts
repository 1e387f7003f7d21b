import type { Reading, ReadSeries } from '../reading';
import { namesOf, readWritten } from '../testing';
import * as sources from '../testing/needs/sources';
import { needs } from '../testing/needs/texts';
import { printChart } from './index';

const all = Object.values(sources);
const read = (need: keyof typeof needs, more = {}, tables = all) =>
  readWritten(needs[need], tables, '2026-10-20', more).reading;

it.each(Object.entries(needs))('reads and writes the chart of %s', (_, text) => {
  const { chart } = readWritten(text, all, '2026-10-20');
  expect(printChart(chart, namesOf(all)).trim()).toBe(text.trim());
});

/** The tables, one of them with other rows. */
const delivered = (source: (typeof all)[number], rows: string) =>
  all.map((each) => (each === source ? { ...each, rows } : each));

const lines = ({ panels }: Reading) => panels.flatMap(({ series }) => series);
const line = (reading: Reading, name: string) =>
  lines(reading).find((each) => each.name === name) as ReadSeries;
const yardsticks = ({ panels }: Reading) => panels.flatMap((panel) => panel.yardsticks);
const yardstick = (reading: Reading, name: string) =>
  yardsticks(reading).find((each) => each.name === name);
const standing = (reading: Reading) =>
  yardsticks(reading).map(({ name, days, place }) => [
    name,
    place,
    reading.positions.findIndex(({ middle }) => middle === (days[0] ?? NaN) + 0.5),
  ]);
const rounded = (values: readonly (number | null)[]) =>
  values.map((each) => (each === null ? null : Math.round(each * 1000) / 1000));

it('draws words in the order of their file, with lines that stay on theirs when a word comes later', () => {
  const reading = read('weekdays');
  const days = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Bank holiday', 'Friday'];
  expect(reading.positions.map(({ label }) => label)).toEqual(days);
  expect(lines(reading)[0]?.figures).toEqual([12, 9, 14, 11, 4, 15]);
  expect(standing(reading)).toEqual([
    ['Early', 'Tuesday', 1],
    ['Late', 'Friday', 5],
    ['Worst', 'Bank holiday', 4],
  ]);
  // From zero to the highest figure: lines on words stretch no value axis.
  expect(reading.panels[0]?.axis).toMatchObject({ from: 0 });
  expect(reading.panels[0]?.axis.to).toBeLessThan(20);
  expect(reading.summary).toContain('Early line at Tuesday');
  const rows = sources.weekdays.rows.replace('Thursday,11', 'Thursday,11\nQuay closed,2');
  const next = read('weekdays', {}, delivered(sources.weekdays, rows));
  expect(standing(next)).toEqual([
    ['Early', 'Tuesday', 1],
    ['Late', 'Friday', 6],
    ['Worst', 'Quay closed', 4],
  ]);
});

it('draws bare years as they are apart, with points as large as their figures', () => {
  const reading = read('years');
  expect(reading.positions.map(({ label, middle }) => [label, middle])).toEqual(
    [2015, 2016, 2018, 2019, 2023].map((year) => [String(year), year]),
  );
  const [passengers] = lines(reading);
  expect(passengers).toMatchObject({
    figures: [410_000, 455_000, 498_500, 520_250, 610_750],
    stroke: { colour: 'indigo', width: 7 },
    points: { at: 'sized', colour: 'brick', sizes: [6, 18] },
  });
  expect(reading.look.titles).toMatchObject({ first: 'Passengers a year', along: 'Year' });
});

it('draws the mean of the finished months as a line that says itself as money', () => {
  const mean = yardstick(read('mean'), 'Mean of fares');
  // 190, 196, … 238: nine finished months.
  expect(mean).toMatchObject({ value: 214, levels: [214], label: 'Mean of fares £214.0' });
  expect(mean?.bands).toEqual([{ from: -Infinity, to: 214, shade: 0 }]);
  expect(mean?.look).toMatchObject({ colour: 'plum', width: 0.75, front: false });
  // What is beneath it shaded alone, named all the same.
  const shaded = needs.mean.replace('shaded beneath', 'only shading beneath');
  const alone = yardstick(readWritten(shaded, all, '2026-10-20').reading, 'Mean of fares');
  expect(alone).toMatchObject({ levels: [], bands: mean?.bands, label: mean?.label });
  const rows = `${sources.board.rows}\n2026-11-01,Osk,346,0,0,0`;
  const later = readWritten(needs.mean, delivered(sources.board, rows), '2026-12-05').reading;
  // Ten months of 217 on average, and one of 346.
  expect(yardstick(later, 'Mean of fares')?.value).toBeCloseTo((2170 + 346) / 11, 9);
});

it('changes colour exactly where a smooth line crosses a level', () => {
  const { pieces } = line(read('split'), 'Fares');
  // The open month is not judged.
  expect(pieces.map(({ colour }) => colour)).toEqual(['brick', 'teal', 'indigo', 'teal']);
  const ends = pieces.map(({ y }) => [y[0], y.at(-1)]);
  expect(rounded(ends.flat() as number[])).toEqual([190, 191, 191, 230, 230, 238, 238, 244]);
});

it('stands a today line in each panel as many days back as a reader says', () => {
  const back = (days?: number) => {
    const reading = read('panels', days === undefined ? {} : { dials: { 'Days back': days } });
    return yardsticks(reading).map(({ days: [day = 0] }) => day - reading.today);
  };
  expect([back(), back(7)]).toEqual([
    [-30, -30],
    [-7, -7],
  ]);
  const [today] = yardsticks(read('panels'));
  expect(today?.look).toMatchObject({ width: 3, label: { at: 'each' } });
  expect(read('panels').panels.map(({ title }) => title)).toEqual(['Osk', 'Quill']);
});

it('picks out of quarter totals, each point once, by all that pick it', () => {
  const found = (reading: Reading) =>
    reading.panels.flatMap(({ standouts }) =>
      standouts.map(({ period, figure, by, colour }) => [
        reading.positions[period]?.label,
        figure,
        by.map(({ kind }) => kind).join(' '),
        colour,
      ]),
    );
  expect(found(read('extremes'))).toEqual([
    ['Q3 2026', 696, 'highest last meeting meeting', 'indigo'],
    ['Q1 2026', 588, 'lowest first', 'brick'],
    ['Q2 2026', 642, 'meeting meeting', null],
  ]);
  // A reader turns the threshold: only the highest is over it still.
  expect(found(read('extremes', { dials: { Threshold: 650 } }))[2]).toEqual([
    'Q2 2026',
    642,
    'meeting',
    null,
  ]);
});

it('draws routes in panels on one axis, with the same two strokes', () => {
  const reading = read('routes');
  expect(reading.panels.map(({ series }) => series.map(({ figures }) => figures[3]))).toEqual([
    [59, 135],
    [33, 80],
  ]);
  expect(new Set(reading.panels.map(({ axis }) => JSON.stringify(axis))).size).toBe(1);
  const strokes = reading.panels.map(({ series }) => series.map(({ stroke }) => stroke));
  expect(strokes[0]).toEqual(strokes[1]);
  expect(strokes[0]).toMatchObject([
    { colour: 'indigo', width: 3 },
    { colour: 'ink', dash: 'dash' },
  ]);
  expect(lines(reading)[0]?.comparison?.differences[3]).toBe(59 - 135);
});

it('labels only the latest value of a tile, at its right, next month too', () => {
  const latest = (today: string) =>
    readWritten(needs.tile, all, today).reading.panels[0]?.standouts.map(
      ({ label, side, more }) => [label, side, more],
    );
  expect(latest('2026-10-20')).toEqual([['238', 'right', '']]);
  expect(latest('2026-09-20')).toEqual([['232', 'right', '']]);
});

it('keeps thick strokes of set colours, on an axis that does not begin at zero', () => {
  const reading = read('thick');
  expect(lines(reading).map(({ stroke }) => stroke)).toEqual([
    { colour: 'indigo', dash: 'solid', width: 5 },
    { colour: '#b03a8c', dash: 'dot', width: 5 },
  ]);
  expect(reading.panels[0]?.axis.from).toBeGreaterThan(100);
  expect(reading.described).toContain('axis from');
  expect(reading.look.names).toEqual({ as: 'legend', yardsticks: false, lettered: true });
});

it('finds ranges on either axis, each by its definition', () => {
  const reading = read('ranges');
  expect(yardstick(reading, 'Median')).toMatchObject({
    value: 214,
    label: 'Half of all months 214.0',
    second: false,
  });
  // A fifth of the way from the seventh to the eighth of 190, 196, … 238.
  expect(yardstick(reading, 'High')?.value).toBeCloseTo(226 + 0.4 * 6, 9);
  // 62 to 70: their squares are 60/9 from 66 on average.
  const low = yardstick(reading, 'Low');
  const deviation = Math.sqrt(60 / 9);
  expect(rounded(low?.bands.flatMap(({ from, to }) => [from, to]) ?? [])).toEqual(
    rounded([66 - 2 * deviation, 66 - deviation]),
  );
  expect(low).toMatchObject({ second: true, scope: expect.stringMatching(/of a population$/) });
  expect(low?.edgeLabels).toHaveLength(2);
  expect(yardstick(reading, 'Quarters')?.bands.map(({ to }) => to)).toEqual([64, 66, 68, 70]);
  expect(reading.summary).toContain('80th percentile of Fares');
  expect(reading.summary).toContain('between figures');
});

it('joins the forecast to the last actual without changing a figure', () => {
  const reading = read('handover');
  const [fares, forecast] = [line(reading, 'Fares'), line(reading, 'Forecast')];
  expect(fares.figures[8]).toBe(238);
  expect(forecast.figures.slice(8)).toEqual([null, 250, 248.5, 260]);
  const joining = forecast.pieces[0];
  expect([joining?.y, joining?.x[0]]).toEqual([[238, 250], reading.positions[8]?.middle]);
  expect([reading.look.wholeDates, reading.positions[0]?.label]).toEqual([true, 'Jan 2026']);
});

it('lays years over each other in calendar order, each line in its own colour above a level', () => {
  const reading = read('laid');
  expect(lines(reading).map(({ name }) => name)).toEqual(['2024', '2025', '2026']);
  expect(reading.positions.map(({ label }) => label).slice(0, 3)).toEqual(['Jan', 'Feb', 'Mar']);
  expect(line(reading, '2025').figures[4]).toBe(20 + 60 + 32);
  for (const { stroke, pieces, name } of lines(reading)) {
    expect([name, new Set(pieces.map(({ colour }) => colour))]).toEqual([
      name,
      new Set([stroke.colour]),
    ]);
    const over = pieces.filter(
      ({ y, open }) => !open && y.every((each) => each >= 90) && y.some((each) => each > 90),
    );
    expect(over.every(({ dash, width }) => dash === 'dot' && width === 4)).toBe(true);
  }
  expect(lines(reading).some(({ pieces }) => pieces.some(({ dash }) => dash === 'dot'))).toBe(true);
});

it('colours ports by their islands, one in ink, and opens with it', () => {
  const reading = read('ports');
  const colourOf = (port: number) => line(reading, `Port ${port}`).stroke.colour;
  expect(colourOf(7)).toBe('ink');
  expect(new Set([1, 4, 10, 28].map(colourOf)).size).toBe(1);
  expect(new Set([1, 2, 3].map(colourOf)).size).toBe(3);
  expect(reading.emphasis).toEqual([line(reading, 'Port 7').id]);
  expect(line(reading, 'Reference').figures).toEqual([200, 200]);
  expect(line(reading, 'Port 7').figures).toEqual([142, 142 + 9 - 12]);
});

it('draws percentiles of several readings a day, with what lies between', () => {
  const reading = read('readings');
  // Of 10, 20, 30, 40 and 50, each a minute more a day.
  expect(line(reading, 'Median').figures).toEqual([31, 32, 33, 34]);
  expect(line(reading, 'Highest').figures).toEqual([47, 48, 49, 50]);
  expect(line(reading, 'Lowest').figures).toEqual([15, 16, 17, 18]);
  expect(yardstick(reading, 'Usual')?.edges).toEqual({
    low: [15, 16, 17, 18],
    high: [47, 48, 49, 50],
  });
  expect(line(reading, 'Highest').stroke.dash).toBe('dot');
});

it('draws a slope all in grey but for those chosen, with its years in the title', () => {
  const reading = read('slope');
  expect(reading.title).toBe('Passengers, 2025 to 2026');
  const inInk = lines(reading).filter(({ stroke }) => stroke.colour === 'ink');
  expect(inInk.map(({ name, figures }) => [name, figures])).toEqual([
    ['Port 12', [177, 174]],
    ['Port 7', [142, 139]],
  ]);
  expect(lines(reading).filter(({ stroke }) => stroke.colour === 'grey')).toHaveLength(28);
  // It has no scale that could mislead, and uses all of its height.
  expect(reading.panels[0]?.axis.from).toBeGreaterThan(0);
});
