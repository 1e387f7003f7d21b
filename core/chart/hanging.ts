import { mentionedIn, renamedIn } from '../formula';
import type { ChartDefinition } from './definition';
import { withMark } from './draft';

/** A part of a chart that its other parts may name. */
export interface Part {
  of: 'series' | 'yardsticks' | 'dials';
  id: string;
}

/** A part that names another one and would be left without it. */
export interface Hanging {
  of: 'series' | 'yardsticks' | 'colourRules' | 'standouts' | 'filters';
  /** of a filter its place, as it has no id */
  id: string;
  /** what it is, as people call it */
  words: string;
}

/** By what field a part is named, whatever kind of thing names it. */
const fields: Record<Part['of'], readonly string[]> = {
  series: ['series', 'against', 'handover'],
  yardsticks: ['yardstick', 'against'],
  dials: ['dial'],
};

/** What of a chart names a part of it. A new kind of thing names by the same fields, or is told here. */
export function hangingOn(chart: ChartDefinition, part: Part): Hanging[] {
  const own = nameOf(chart, part);
  const names = (thing: unknown) => namesPart(thing, part);
  // Rules and standouts of a series are its own, and go with it as a matter of course.
  const isOthers = ({ series }: { series: string }) => part.of !== 'series' || series !== part.id;
  const inFormula = (text: string) => part.of !== 'yardsticks' && mentionedIn(text, own);
  const others =
    part.of === 'series' ? chart.series.filter(({ id }) => id !== part.id) : chart.series;
  return [
    ...others.flatMap(({ id, name, figures, mark, handover }): Hanging[] => {
      const of = 'series';
      if (figures.kind === 'formula' && inFormula(figures.text))
        return [{ of, id, words: `“${name}”` }];
      return [
        ...(names({ mark }) ? [{ of, id, words: `what “${name}” is held against` } as const] : []),
        ...(names({ handover })
          ? [{ of, id, words: `what “${name}” hands over to` } as const]
          : []),
      ];
    }),
    ...chart.yardsticks
      // A dial may have the id of a yardstick: they are no one thing.
      .filter(({ id }) => part.of !== 'yardsticks' || id !== part.id)
      .filter(names)
      .map((each) => ({
        of: 'yardsticks' as const,
        id: each.id,
        words: 'name' in each ? `“${each.name}”` : 'how far “Today” stands from today',
      })),
    ...chart.colourRules
      .filter(isOthers)
      .filter(names)
      .map(({ id, name, series }) => {
        const of = chart.series.find((each) => each.id === series)?.name ?? '';
        return {
          of: 'colourRules' as const,
          id,
          words: name ? `the rule “${name}”` : `a rule of “${of}”`,
        };
      }),
    ...chart.standouts
      .filter(isOthers)
      .filter(names)
      .map(({ id }) => ({ of: 'standouts' as const, id, words: 'a standout' })),
    ...chart.filters.flatMap((filter, place) =>
      names(filter)
        ? [
            {
              of: 'filters' as const,
              id: String(place),
              words: `the filter of “${filter.filter.column}”`,
            },
          ]
        : [],
    ),
  ];
}

/** A chart without a part, and without what hangs on it: what is held against it is held against nothing. */
export function withoutPart(chart: ChartDefinition, part: Part): ChartDefinition {
  const hanging = hangingOn(chart, part);
  const isOwn = (series: string) => part.of === 'series' && series === part.id;
  const ids = (of: Hanging['of']) =>
    new Set(hanging.flatMap((each) => (each.of === of ? each.id : [])));
  const [yardsticks, rules, standouts, filters] = (
    ['yardsticks', 'colourRules', 'standouts', 'filters'] as const
  ).map(ids) as [Set<string>, Set<string>, Set<string>, Set<string>];
  // What is today’s line, or a series of its own, stays without what it named.
  const freed = chart.series
    .filter(({ mark }) => namesPart({ mark }, part))
    .reduce((before, { id }) => withMark(before, id, null), chart);
  const gone = chart.series.filter(
    ({ id, figures }) =>
      hanging.some((each) => each.of === 'series' && each.id === id) && figures.kind === 'formula',
  );
  const left: ChartDefinition = {
    ...freed,
    [part.of]: (freed[part.of] as { id: string }[]).filter(({ id }) => id !== part.id),
    colourRules: freed.colourRules.filter(({ id, series }) => !rules.has(id) && !isOwn(series)),
    standouts: freed.standouts.filter(({ id, series }) => !standouts.has(id) && !isOwn(series)),
    filters: freed.filters.filter((_, place) => !filters.has(String(place))),
  };
  const emphasised = isOwn(chart.emphasis?.split(':')[0] ?? '');
  const cleared: ChartDefinition = {
    ...left,
    series: left.series.map((each) =>
      namesPart({ handover: each.handover }, part) ? { ...each, handover: null } : each,
    ),
    yardsticks: left.yardsticks.map((each) =>
      each.kind === 'today' && namesPart(each, part) ? { ...each, dial: null } : each,
    ),
    emphasis: emphasised ? null : chart.emphasis,
  };
  const next = [
    ...cleared.yardsticks
      .filter(({ id, kind }) => yardsticks.has(id) && kind !== 'today')
      .map(({ id }): Part => ({ of: 'yardsticks', id })),
    ...gone.map(({ id }): Part => ({ of: 'series', id })),
  ];
  return next.reduce(withoutPart, cleared);
}

/** A chart whose part has another name; formulas that name it follow. */
export function withRenamed(chart: ChartDefinition, part: Part, name: string): ChartDefinition {
  const before = nameOf(chart, part);
  const renamed: ChartDefinition = {
    ...chart,
    [part.of]: (chart[part.of] as { id: string }[]).map((each) =>
      each.id === part.id ? { ...each, name } : each,
    ),
  };
  if (part.of === 'yardsticks') return renamed;
  const series = renamed.series.map((each) => {
    const { figures } = each;
    if (figures.kind !== 'formula') return each;
    return { ...each, figures: { ...figures, text: renamedIn(figures.text, before, name) } };
  });
  return { ...renamed, series };
}

function nameOf(chart: ChartDefinition, { of, id }: Part): string {
  const found = (chart[of] as { id: string; name?: string }[]).find((each) => each.id === id);
  return found?.name ?? '';
}

function namesPart(thing: unknown, part: Part): boolean {
  if (typeof thing !== 'object' || thing === null) return false;
  return Object.entries(thing).some(
    ([field, value]) =>
      (fields[part.of].includes(field) && value === part.id) || namesPart(value, part),
  );
}
