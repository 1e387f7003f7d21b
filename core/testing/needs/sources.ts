import type { Typed } from '../tables';

const months = ['01', '02', '03', '04', '05', '06', '07', '08', '09', '10', '11', '12'];

/** Sailings by weekday, with a word that is none, in the order of the file. */
export const weekdays: Typed = {
  name: 'Weekdays',
  kinds: ['text', 'number'],
  rows: `Day,Sailings
    Monday,12
    Tuesday,9
    Wednesday,14
    Thursday,11
    Bank holiday,4
    Friday,15`,
};

/** Passengers by bare year, some years missing. */
export const years: Typed = {
  name: 'Years',
  kinds: ['number', 'number'],
  rows: `Year,Passengers
    2015,410000
    2016,455000
    2018,498500
    2019,520250
    2023,610750`,
};

/** Fares and passengers of two routes by month, their budgets, and what has been spent on fuel. */
export const board: Typed = {
  name: 'Board',
  kinds: ['date', 'text', 'number', 'number', 'number', 'number'],
  rows: `Month,Route,Fares,Budget,Passengers,Fuel
${months
  .slice(0, 10)
  .flatMap((month, at) => [
    `2026-${month}-01,Osk,${100 + 10 * at},${120 + 5 * at},${50 + at * at},${40 + at}`,
    `2026-${month}-01,Quill,${90 - 4 * at},${80},${30 + at},${22}`,
  ])
  .join('\n')}`,
};

/** The forecast for the rest of the year. */
export const forecast: Typed = {
  name: 'Forecast',
  kinds: ['date', 'number'],
  rows: `Month,Forecast
    2026-10-01,250
    2026-11-01,248.5
    2026-12-01,260`,
};

/** Three years of a line, month by month. */
export const three: Typed = {
  name: 'Three years',
  kinds: ['date', 'number'],
  rows: `Month,Fares
${[2024, 2025, 2026]
  .flatMap((year) =>
    months.map((month, at) =>
      year === 2026 && at > 9
        ? ''
        : `${year}-${month}-01,${(year - 2024) * 20 + 60 + 8 * Math.min(at, 11 - at)}`,
    ),
  )
  .filter(Boolean)
  .join('\n')}`,
};

const islands = ['North', 'Middle', 'South'];

/** Thirty ports of three island groups over two years. */
export const ports: Typed = {
  name: 'Ports',
  kinds: ['date', 'text', 'text', 'number'],
  rows: `Day,Port,Island,Passengers
${Array.from({ length: 30 }, (_, at) => at)
  .flatMap((at) => [
    `2025-06-01,Port ${at + 1},${islands[at % 3]},${100 + 7 * at}`,
    `2026-06-01,Port ${at + 1},${islands[at % 3]},${100 + 7 * at + (at % 5) * 9 - 12}`,
  ])
  .join('\n')}`,
};

/** Several crossing times a day. */
export const crossings: Typed = {
  name: 'Crossings',
  kinds: ['date', 'number'],
  rows: `Day,Minutes
${[1, 2, 3, 4]
  .flatMap((day) => [10, 20, 30, 40, 50].map((minutes) => `2026-03-0${day},${minutes + day}`))
  .join('\n')}`,
};
