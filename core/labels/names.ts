/** The names of the months, from January, and of the days of a week, from Monday. */
export const monthNames = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
] as const;
export const weekdayNames = [
  'Monday',
  'Tuesday',
  'Wednesday',
  'Thursday',
  'Friday',
  'Saturday',
  'Sunday',
] as const;

/** The same in three letters. */
export const shortMonthNames = monthNames.map((name) => name.slice(0, 3));
export const shortWeekdayNames = weekdayNames.map((name) => name.slice(0, 3));
