import { utils, write } from '@e965/xlsx';
import {
  civilDate,
  type Day,
  dayOf,
  formatDay,
  nextPeriod,
  periodStart,
  weekday,
} from '../core/calendar';
import type { Step } from '../core/preparation';

/*
 * Pellow Isles Ferries, a made-up company. Everything here is a function of the as-of date alone, so
 * that pictures and tests stay the same; the figures run from the first day of last year to it.
 */

/** A route, with passengers on a mean day, fare a head, and growth a year, and its waters. */
interface Route {
  name: string;
  passengers: number;
  fare: number;
  growth: number;
  waters: 'sheltered' | 'open sea';
}

const routes: Route[] = [
  { name: 'Harbour to Fenn', passengers: 1620, fare: 8.9, growth: -0.06, waters: 'sheltered' },
  { name: 'Fenn to Osk', passengers: 1180, fare: 9.6, growth: 0.42, waters: 'open sea' },
  { name: 'Tarrow to Quill', passengers: 890, fare: 7.4, growth: 0.02, waters: 'sheltered' },
  { name: 'Quill to Skerrow', passengers: 420, fare: 11.2, growth: 0, waters: 'open sea' },
];

/** A file of the company: CSV, or a workbook. */
export interface DemoFile {
  /** the name of the source it becomes */
  source: string;
  fileName: string;
  content: string | Uint8Array;
  /** its preparation, where it is not the one that suggests itself */
  steps?: Step[];
}

/** Days of the story, counted in the as-of year and the one before. */
export function story(asOf: Day) {
  const year = civilDate(asOf).year;
  const day = (ofYear: number, month: number, date: number) => dayOf(ofYear, month, date) as Day;
  return {
    firstDay: day(year - 1, 1, 1),
    storms: [
      [day(year - 1, 1, 11), day(year - 1, 1, 19)],
      [day(year - 1, 12, 6), day(year - 1, 12, 12)],
      [day(year, 1, 18), day(year, 1, 30)],
    ] as [Day, Day][],
    quayClosed: [day(year, 2, 9), day(year, 3, 20)] as [Day, Day],
    fuelJump: day(year, 3, 9),
    yearEnd: day(year, 12, 31),
  };
}

/** All files of the company as they stand on a day. */
export function ferryFiles(asOf: Day): DemoFile[] {
  return [
    sailings(asOf),
    budget(asOf),
    routeBudget(asOf),
    targets(asOf),
    forecast(asOf),
    ratings(asOf),
    harbourLog(asOf),
  ];
}

/** What the harbour master wrote down, day by day. */
function harbourLog(asOf: Day): DemoFile {
  const { storms, quayClosed, fuelJump } = story(asOf);
  const events: [Day, string][] = [
    ...storms.map(([from]): [Day, string] => [from, 'Storm']),
    [quayClosed[0], 'Quay closed'],
    [quayClosed[1] + 1, 'Quay open'],
    [fuelJump, 'Fuel price'],
  ];
  const lines = events
    .filter(([day]) => day <= asOf)
    .sort(([one], [two]) => one - two)
    .map(([day, what]) => `${formatDay(day)},${what}`);
  const content = ['Date,What', ...lines].join('\n');
  return { source: 'Harbour log', fileName: 'harbour-log.csv', content };
}

/** A small generator of numbers from 0 to 1, the same for the same seed (a linear congruence). */
function seeded(seed: number): () => number {
  // Neighbouring seeds must not give neighbouring numbers.
  let state = Math.imul(seed ^ (seed >>> 7), 2_654_435_761) >>> 0;
  return () => {
    state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0;
    return state / 2 ** 32;
  };
}

/** Summer is high season; 1 is the mean of the year. */
function season(day: Day): number {
  const dayOfYear = day - periodStart(day, 'year') + 1;
  return 1 + 0.36 * Math.cos(((dayOfYear - 208) / 365.25) * 2 * Math.PI);
}

/** The words of the weekday column, from Monday on. */
export const weekdayNames = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];
const byWeekday = [0.9, 0.86, 0.9, 0.96, 1.12, 1.2, 1.06];

const within = (day: Day, [from, to]: [Day, Day]) => day >= from && day <= to;

function sailings(asOf: Day): DemoFile {
  const { firstDay, storms, quayClosed, fuelJump } = story(asOf);
  const lines = [
    'Date,Route,Sailings,Passengers,Vehicles,Fare revenue,Fuel litres,Fuel cost,Minutes late,On time %,Weekday,Waters',
  ];
  for (let day = firstDay; day <= asOf; day += 1) {
    const chance = seeded(day * 7919);
    const stormy = storms.some((storm) => within(day, storm));
    for (const route of routes) {
      const luck = [chance(), chance(), chance(), chance(), chance()] as const;
      if (route.name === 'Fenn to Osk' && within(day, quayClosed)) continue;
      const planned = route.name === 'Quill to Skerrow' ? 4 : 8;
      const sailed = stormy ? Math.round(planned * luck[0] * 0.5) : planned;
      const years = (day - firstDay) / 365.25;
      const demand = route.passengers * season(day) * (byWeekday[weekday(day) - 1] ?? 1);
      const passengers = Math.round(
        demand * (1 + route.growth * years) * (0.9 + 0.22 * luck[1]) * (sailed / planned) ** 0.8,
      );
      const revenue = passengers * route.fare * (0.97 + 0.06 * luck[2]);
      const litres = Math.round(sailed * (stormy ? 260 : 212) * (0.95 + 0.1 * luck[3]));
      const price = day >= fuelJump ? 1.04 : 0.88;
      const winter = season(day) < 0.85 ? 3.2 : 0;
      const late =
        2 + winter + 9 * luck[4] ** 3 + (stormy ? 14 : 0) + (season(day) > 1.3 ? 1.6 : 0);
      const onTime = Math.max(40, 98.5 - late * 1.05);
      lines.push(
        [
          formatDay(day),
          route.name,
          sailed,
          passengers,
          Math.round(passengers * 0.21),
          revenue.toFixed(2),
          litres,
          (litres * price).toFixed(2),
          sailed ? (late * sailed).toFixed(1) : '',
          sailed ? onTime.toFixed(1) : '',
          weekdayNames[weekday(day) - 1],
          route.waters,
        ].join(','),
      );
    }
  }
  return { source: 'Sailings', fileName: 'sailings.csv', content: lines.join('\n') };
}

function monthsBetween(from: Day, to: Day): Day[] {
  const months: Day[] = [];
  for (let month = from; month <= to; month = nextPeriod(month, 'month')) months.push(month);
  return months;
}

/** What a calm month would bring, from the routes' own figures. */
function calmMonth(month: Day, firstDay: Day) {
  let revenue = 0;
  let fuel = 0;
  for (let day = month; day < nextPeriod(month, 'month'); day += 1) {
    for (const { passengers, fare, growth, name } of routes) {
      const years = (day - firstDay) / 365.25;
      revenue += passengers * season(day) * fare * (1 + growth * years);
      fuel += (name === 'Quill to Skerrow' ? 4 : 8) * 212 * 0.88;
    }
  }
  return { revenue, fuel };
}

/** The cells of the office's budget: measures down the rows, months across under their years. */
export function budgetCells(asOf: Day): (string | number)[][] {
  const { firstDay, yearEnd } = story(asOf);
  const months = monthsBetween(firstDay, yearEnd);
  const names = months.map((month) => monthNames[civilDate(month).month - 1] as string);
  const years = months.map((month) => {
    const { year, month: number } = civilDate(month);
    return number === 1 ? year : '';
  });
  const planned = months.map((month) => {
    const { revenue, fuel } = calmMonth(month, firstDay);
    // The office plans a flatter year than the islands have, and less growth.
    const flat = revenue * (season(month + 14) > 1 ? 0.955 : 1.005);
    return [flat, fuel * 1.01].map((figure) => Math.round(figure / 1000) * 1000);
  });
  return [
    ['Pellow Isles Ferries: budget as passed by the board'],
    [],
    ['', ...years],
    ['Measure', ...names],
    ...budgetMeasures.map((name, place) => [name, ...planned.map((row) => row[place] ?? '')]),
  ];
}

const budgetMeasures = ['Fare revenue budget', 'Fuel cost budget'];
const monthNames = [
  'Jan',
  'Feb',
  'Mar',
  'Apr',
  'May',
  'Jun',
  'Jul',
  'Aug',
  'Sep',
  'Oct',
  'Nov',
  'Dec',
];

/** Typed by the office as a wide sheet. */
function budget(asOf: Day): DemoFile {
  const cells = budgetCells(asOf);
  const book = utils.book_new(utils.aoa_to_sheet(cells), 'Budget');
  return {
    source: 'Budget',
    fileName: 'budget.xlsx',
    content: new Uint8Array(write(book, { type: 'buffer' }) as Buffer),
    steps: [
      { id: 'head', kind: 'head', from: 3, to: 4 },
      {
        id: 'months',
        kind: 'unpivot',
        naming: 'month',
        columns: [],
        names: 'Month',
        rest: null,
        values: 'Value',
      },
      { id: 'measures', kind: 'spread', measure: 'Measure', value: 'Value', words: budgetMeasures },
    ],
  };
}

/** What each route is to carry: a calm month of last year's growth, rounded by the office. */
function routeBudget(asOf: Day): DemoFile {
  const { firstDay, yearEnd } = story(asOf);
  const lines = monthsBetween(firstDay, yearEnd).flatMap((month) =>
    routes.map(({ name, passengers, growth }) => {
      let planned = 0;
      for (let day = month; day < nextPeriod(month, 'month'); day += 1)
        planned += passengers * season(day) * (1 + (growth * (day - firstDay)) / 365.25);
      return `${formatDay(month)},${name},${Math.round(planned / 50) * 50}`;
    }),
  );
  return {
    source: 'Passenger budget',
    fileName: 'passenger-budget.csv',
    content: ['Month,Route,Passengers budget', ...lines].join('\n'),
  };
}

function targets(asOf: Day): DemoFile {
  const { firstDay, yearEnd } = story(asOf);
  const quarters = monthsBetween(firstDay, yearEnd).filter(
    (month) => periodStart(month, 'quarter') === month,
  );
  const lines = quarters.map((quarter) => {
    const target = civilDate(quarter).month === 1 ? 90 : 92;
    return `${formatDay(quarter)},${target}`;
  });
  return {
    source: 'Punctuality targets',
    fileName: 'punctuality-targets.csv',
    content: ['Quarter,Target %', ...lines].join('\n'),
  };
}

function forecast(asOf: Day): DemoFile {
  const { firstDay, yearEnd } = story(asOf);
  const lines = monthsBetween(periodStart(asOf, 'month'), yearEnd).map((month) => {
    const { revenue } = calmMonth(month, firstDay);
    return `${formatDay(month)},${(Math.round(revenue / 500) * 500 * 0.985).toFixed(2)}`;
  });
  return {
    source: 'Forecast',
    fileName: 'forecast.csv',
    content: ['Month,Fare revenue forecast', ...lines].join('\n'),
  };
}

/** A survey that was not always asked: whole months are missing, and some cells are blank. */
function ratings(asOf: Day): DemoFile {
  const { firstDay } = story(asOf);
  const lines = monthsBetween(firstDay, asOf - 31).flatMap((month, place) => {
    if ([3, 4, 9, 16].includes(place)) return [];
    const chance = seeded(month);
    const rating = 3.3 + 0.9 * (season(month) - 1) + chance() * 0.9;
    const asked = formatDay(month + 4 + Math.floor(chance() * 20));
    return [`${asked},${place === 11 ? '' : rating.toFixed(1)},${80 + Math.round(chance() * 140)}`];
  });
  return {
    source: 'Passenger survey',
    fileName: 'passenger-survey.csv',
    content: ['Asked on,Rating,Answers', ...lines].join('\n'),
  };
}
