import type { Position } from '../arrangements';
import { yearOf } from '../calendar';
import type { DrawnChart, StandoutDefinition } from '../chart';
import { testCondition } from '../conditions';
import { writeFigure } from '../labels';
import { candidatesOf, pickKind, pickOut } from '../standouts';
import type { ReadSeries, ReadStandout } from './reading';
import { sayApart } from './words';
import type { ConditionsOf } from './conditions';

/** Picks out points of the finished periods, all lines of a series in a panel together. */
export function readStandouts(
  chart: Pick<DrawnChart, 'standouts' | 'yearStart' | 'series'>,
  series: readonly ReadSeries[],
  positions: readonly Position[],
  conditionsOf: ConditionsOf,
): ReadStandout[] {
  const pickedFrom = new Map(
    [...new Set(chart.standouts.map(({ series: of }) => of))].map((of) => {
      const fixed = chart.series.some(({ id, fixed: is }) => id === of && is);
      const own = fixed ? [] : series.filter(({ seriesId, greyed }) => seriesId === of && !greyed);
      const lines = own.map(finishedFigures);
      const exact = own.every((line) => line.exact);
      return [of, { own, from: { lines, candidates: candidatesOf(lines), exact } }];
    }),
  );
  return chart.standouts.flatMap((standout) => {
    const found = pickedFrom.get(standout.series);
    if (!found) return [];
    const { own, from } = found;
    const { pick } = standout;
    const tests = own.map((line) =>
      pick.kind === 'meeting' ? testCondition(pick.condition, conditionsOf(line)) : null,
    );
    const picked = pickOut(
      {
        ...from,
        yearAt: (place) => yearOf(positions[place]?.start ?? 0, chart.yearStart),
        meets: (line, place) => tests[line]?.at(place) === true,
      },
      standout,
    );
    return picked.flatMap(({ line, place, figure }) => {
      const found = own[line];
      if (!found) return [];
      return [
        {
          id: standout.id,
          kind: pick.kind,
          figure,
          period: place,
          series: found.id,
          second: found.second,
          extreme: pickKind(pick).extreme ?? false,
          label: writeFigure(figure, found.format),
          colour: standout.colour,
          more: sayMore(standout, found, positions[place], place),
        },
      ];
    });
  });
}

const finishedFigures = ({ figures, open }: ReadSeries) =>
  open.includes(true) ? figures.map((figure, place) => (open[place] ? null : figure)) : figures;

/** What else is written beside the figure. */
function sayMore(
  { label }: StandoutDefinition,
  { name, comparison, format }: ReadSeries,
  position: Position | undefined,
  place: number,
): string {
  const difference = comparison?.differences[place] ?? null;
  return [
    label.includes('name') ? name : '',
    label.includes('date') ? (position?.label ?? '') : '',
    label.includes('difference') && comparison && difference !== null
      ? sayApart(difference, comparison, format)
      : '',
  ]
    .filter(Boolean)
    .join(', ');
}
