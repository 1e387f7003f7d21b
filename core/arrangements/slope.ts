import { date, nullable, oneOf, Sentence, ways } from '../sentences';
import { mixed, object } from 'yup';
import { dateText, parseDay, periodStart, yearBefore } from '../calendar';
import type { ArrangementKind, CalendarLines, Line, Position } from './arrangement';

/** Two periods and the way from one to the other, for each line. */
export interface Slope {
  kind: 'slope';
  between: 'before' | 'yearBefore' | 'chosen';
  /** dates within the periods, written 2026-11-23; only when they are chosen */
  from: string | null;
  to: string | null;
}

/** How far beyond the uprights the axis goes on, of the way between them. */
const edge = 0.03;

/** A period that is chosen by its day. */
const chosen = nullable('any period', date);

export const slope: ArrangementKind<Slope> = {
  kind: 'slope',
  sentence: ways<Slope>(
    [
      ({ between }) => between === 'chosen',
      Sentence.of<Slope>({ kind: 'slope', between: 'chosen' })
        .words('as a slope from ')
        .slot('from', chosen)
        .words(' to ')
        .slot('to', chosen),
    ],
    [
      () => true,
      Sentence.of<Slope>({ kind: 'slope', from: null, to: null }).slot(
        'between',
        oneOf<Slope['between']>([
          ['before', 'as a slope from the period before to the last finished'],
          ['yearBefore', 'as a slope from the year before to the last finished'],
        ]),
      ),
    ],
  ),
  schema: () =>
    object({
      kind: mixed<'slope'>().oneOf(['slope']).required(),
      between: mixed<Slope['between']>().oneOf(['before', 'yearBefore', 'chosen']).required(),
      from: dateText(),
      to: dateText(),
    }),
  coloursBy: 'line',
  choosesPeriod: true,
  arrange: (calendar, definition) => {
    const { periods, lines } = calendar;
    const ends = endsOf(calendar, definition);
    const at = (place: number): Position =>
      ends[place] === undefined || ends[place] < 0
        ? { start: 0, next: 1, middle: 0, open: false, label: 'no period' }
        : (periods[ends[place]] as Position);
    const positions = [0, 1].map((place) => ({
      label: at(place).label,
      open: at(place).open,
      // The two uprights stand near the edges, so that the names beside them have all the room.
      start: place === 0 ? -edge : 0.5,
      next: place === 0 ? 0.5 : 1 + edge,
      middle: place,
    }));
    const lay = <L extends Line>(line: L): L => ({
      ...line,
      figures: ends.map((place) => line.figures[place] ?? null),
      drawn: ends.map((place) => line.drawn[place] ?? null),
      open: ends.map((place) => line.open[place] ?? false),
      absent: [],
      joins: null,
      handsOver: null,
    });
    const laid = lines.map(lay).filter(({ figures }) => figures.some((figure) => figure !== null));
    return {
      axis: 'ends',
      positions: periods.length === 0 ? [] : positions,
      panels: [{ key: '', title: '', lines: laid }],
      described: `${at(0).label} to ${at(1).label}`,
      choice: {
        label: 'Later period',
        chosen: periods[ends[1]]?.start ?? null,
        // The first period has none before it.
        periods: periods.filter(
          (_, place) =>
            place > (definition.between === 'chosen' ? ends[0] : 0) && isMeasured(lines, place),
        ),
      },
    };
  },
};

/** Whether an actual has a figure at a place. */
const isMeasured = (lines: readonly Line[], place: number) =>
  lines.some((line) => !line.plan && (line.figures[place] ?? null) !== null);

/** The places of the two periods; -1 for one that is not among those shown. */
function endsOf(
  { periods, grain, lines, chosen = null }: CalendarLines<Line>,
  { between, from, to }: Slope,
): [number, number] {
  const placeOf = (text: string | null, otherwise: number) => {
    const day = text === null ? null : parseDay(text);
    if (day === null) return otherwise;
    return periods.findIndex(({ start }) => start === periodStart(day, grain));
  };
  const wanted = periods.findIndex(({ start }) => start === chosen);
  if (between === 'chosen')
    return [placeOf(from, 0), wanted < 0 ? placeOf(to, periods.length - 1) : wanted];
  const finished = periods.findLastIndex(({ open }, place) => !open && isMeasured(lines, place));
  const last = wanted < 0 ? finished : wanted;
  if (between === 'before') return [last - 1, last];
  const before = yearBefore(periods[last]?.start ?? 0, grain);
  return [periods.findIndex(({ start }) => start === before), last];
}
