import { civilDate } from '../calendar';
import { writeDay, writeFigure } from '../labels';
import type { Reading, ReadPanel } from '../reading';
import { exactSum } from '../values';

/** What a reading holds that may be written in its words: figures, sums of them, periods, counts. */
export function numbersOf({ positions, described, title }: Reading, panel: ReadPanel): Set<string> {
  const years = new Set(positions.map(({ start }) => civilDate(start).year));
  const written = panel.series.flatMap(({ format, figures, comparison, pace }) => {
    const judged = (_: unknown, place: number) => comparison?.judgements[place] !== null;
    const ofYear = (year: number) => (_: unknown, place: number) =>
      civilDate(positions[place]?.start ?? 0).year === year;
    const sums = [...years].flatMap((year) => [
      exactSum(figures.filter((each, at) => judged(each, at) && ofYear(year)(each, at))),
      exactSum(
        (comparison?.differences ?? []).filter((e, at) => judged(e, at) && ofYear(year)(e, at)),
      ),
    ]);
    const values = [
      ...figures,
      ...sums,
      ...(comparison?.spells ?? []).map(({ total }) => total),
      ...panel.yardsticks.map(({ value }) => value),
      ...(pace ? [pace.target, pace.neededPerPeriodLeft, pace.landsAtMeanRate] : []),
    ];
    return values.flatMap((value) =>
      value === null ? [] : [writeFigure(value, format), writeFigure(Math.abs(value), format)],
    );
  });
  const counts = [0, ...positions.map((_, place) => place + 1)].map(String);
  const days = panel.yardsticks.flatMap((each) => each.days.map((day) => writeDay(day)));
  const labels = positions.map(({ label }) => label);
  const texts = [
    title,
    described,
    ...written,
    ...counts,
    ...days,
    ...labels,
    ...panel.yardsticks.map(({ name }) => name),
    ...[...years].map(String),
  ];
  return new Set(texts.flatMap(numbersIn));
}

export const numbersIn = (text: string): string[] => text.match(/\d+(?:[.,]\d+)*/g) ?? [];
