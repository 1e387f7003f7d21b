import type { DrawnChart, StandoutDefinition } from '../chart';
import { pickKind } from '../standouts';
import { sayScopeAlone } from '../yardsticks';
import { namesFor } from './conditions';
import type { ReadPanel } from './reading';

type Panels = readonly Pick<ReadPanel, 'series' | 'standouts'>[];

/** What is to be known of standouts that do not pick some points among others: a sentence each. */
export const sayUnmet = (chart: DrawnChart, panels: Panels): string[] =>
  chart.standouts.flatMap((standout) => sayAllOrNone(chart, standout, panels));

/** That a standout catches no point that is shown, or every one, where that was hardly meant. */
function sayAllOrNone(
  chart: DrawnChart,
  { id, pick, series: of, scope }: StandoutDefinition,
  panels: Panels,
): string[] {
  const own = panels.flatMap(({ series }) => series.filter(({ seriesId }) => seriesId === of));
  const finished = own.reduce(
    (sum, { figures, open }) =>
      sum + figures.filter((figure, place) => figure !== null && !open[place]).length,
    0,
  );
  const caught = panels.flatMap(({ standouts }) =>
    standouts.filter(({ by }) => by.some((each) => each.id === id)),
  ).length;
  const name = chart.series.find((each) => each.id === of)?.name;
  if (finished === 0 || name === undefined) return [];
  const over = scope ? [sayScopeAlone(scope)].filter(Boolean) : [];
  const what = [`${pickKind(pick).say(pick, namesFor(chart, of))} of ${name}`, ...over].join(', ');
  if (caught === 0) return [`No point that is shown stands out as ${what}.`];
  if (pick.kind !== 'meeting' || caught < finished || finished < 2) return [];
  return [`Every point of ${name} stands out as ${what}.`];
}
