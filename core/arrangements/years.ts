import { Sentence } from '../sentences';
import { mixed, object } from 'yup';
import {
  civilDate,
  dayOfDate,
  type Grain,
  isoWeek,
  nextPeriod,
  periodsBetween,
  yearOf,
  yearStartDay,
} from '../calendar';
import { writePeriodOfYear } from '../labels';
import type { ArrangementKind, Line, Position } from './arrangement';

/** The years laid over each other, the latest in ink. */
export interface Years {
  kind: 'years';
}

export const years: ArrangementKind<Years> = {
  kind: 'years',
  sentence: Sentence.of<Years>({ kind: 'years' }).words('with its years laid over each other'),
  schema: () => object({ kind: mixed<'years'>().oneOf(['years']).required() }),
  coloursBy: 'age',
  ofDates: true,
  arrange: (calendar) => {
    const { periods, lines, grain, yearStart } = calendar;
    const positions = positionsOfYear(grain, yearStart);
    const slots = periods.map(({ start }) => slotOf(start, grain, yearStart));
    const shown = lines.map((line) => yearsOf(line, slots));
    const all = [...new Set(shown.flat())].sort((a, b) => b - a);
    // Of a plan only the latest year that the actuals reach is of use: they are held against it.
    const latest = Math.max(
      ...lines.flatMap((line, at) => (line.plan ? [] : (shown[at] ?? []))),
      -Infinity,
    );
    const several = new Set(lines.map(({ id }) => id)).size > 1;
    const arranged = lines.flatMap((line, at) =>
      (shown[at] ?? [])
        .filter((year) => !line.plan || year === (latest > -Infinity ? latest : all[0]))
        .map((year) =>
          lineOfYear(
            line,
            year,
            slots,
            positions.length,
            {
              name: several ? `${line.name} ${year}` : String(year),
              age: all.indexOf(year),
            },
            periods,
          ),
        ),
    );
    return {
      axis: 'year',
      positions: positions.map((position) => ({ ...position })),
      panels: [{ key: '', title: '', lines: arranged }],
      described: all.length > 1 ? `${all.length} years laid over each other` : '',
    };
  },
};

/** Where a period stands within its year. */
interface Slot {
  year: number;
  place: number;
}

/** A leap year, so that every date has its place, and one with a week 53. */
const reference = { leap: 2024, long: 2020 };

/** The year that holds a 29 February, by the name of the year in which it ends. */
const leapYear = (yearStart: number) => reference.leap + (yearStart === 2 ? 1 : 0);

function positionsOfYear(grain: Grain, yearStart: number): Position[] {
  const first =
    grain === 'week'
      ? dayOfDate(reference.long - 1, 12, 30)
      : yearStartDay(leapYear(yearStart), yearStart);
  const last =
    grain === 'week' ? first + 53 * 7 - 1 : yearStartDay(leapYear(yearStart) + 1, yearStart) - 1;
  return periodsBetween(first, last, grain)
    .filter((start) => start >= first || grain === 'year')
    .map((start, place) => {
      const next = nextPeriod(start, grain);
      const label = grain === 'week' ? `week ${place + 1}` : writePeriodOfYear(start, grain);
      return { start, next, middle: (start + next) / 2, open: false, label };
    });
}

function slotOf(start: number, grain: Grain, yearStart: number): Slot {
  if (grain === 'week') {
    const { year, week } = isoWeek(start);
    if (yearStart === 1) return { year, place: week - 1 };
    const thursday = start + 3;
    const fiscal = yearOf(thursday, yearStart);
    return { year: fiscal, place: Math.floor((thursday - yearStartDay(fiscal, yearStart)) / 7) };
  }
  const year = yearOf(start, yearStart);
  const { month, date } = civilDate(start);
  const leap = leapYear(yearStart);
  const inReference =
    dayOfDate(month >= yearStart && yearStart > 1 ? leap - 1 : leap, month, date) -
    yearStartDay(leap, yearStart);
  if (grain === 'day') return { year, place: inReference };
  const months = (month - yearStart + 12) % 12;
  return {
    year,
    place: grain === 'month' ? months : grain === 'quarter' ? Math.floor(months / 3) : 0,
  };
}

const yearsOf = ({ figures }: Line, slots: readonly Slot[]) => [
  ...new Set(slots.filter((_, place) => (figures[place] ?? null) !== null).map(({ year }) => year)),
];

/** The part of a line that lies in one year, laid on the positions of any year. */
function lineOfYear<L extends Line>(
  line: L,
  year: number,
  slots: readonly Slot[],
  length: number,
  named: Pick<Line, 'name' | 'age'>,
  periods: readonly Position[],
): L {
  const places = new Array<number>(length).fill(-1);
  slots.forEach((slot, place) => {
    if (slot.year === year && slot.place < length) places[slot.place] = place;
  });
  const [first, last] = [
    places.findIndex((place) => place >= 0),
    places.findLastIndex((place) => place >= 0),
  ];
  const joined = line.joins && slots[line.joins.place]?.year === year ? line.joins : null;
  return {
    ...line,
    ...named,
    id: `${line.id}@${year}`,
    days: places.map((place) => periods[place]?.middle ?? null),
    figures: places.map((place) => line.figures[place] ?? null),
    drawn: places.map((place) => line.drawn[place] ?? null),
    open: places.map((place) => line.open[place] ?? false),
    // A date or a week that this year does not have lies between two that it has.
    absent: places.map((place, at) => place < 0 && at > first && at < last),
    joins: joined && { ...joined, place: places.indexOf(joined.place) },
    handsOver: line.handsOver === null ? null : placeOrNone(places.indexOf(line.handsOver)),
  };
}

const placeOrNone = (place: number) => (place < 0 ? null : place);
