import { mentionedIn } from '../formula';
import { formulaOf } from '../origins';

import {
  type ChartDefinition,
  type ColourRuleDefinition,
  isSamePart,
  namedParts,
  type Part,
} from '../chart';
import { withMark } from './draft';

/** A part that names another one and would be left without it. */
export interface Hanging {
  of: 'series' | 'yardsticks' | 'colourRules' | 'standouts' | 'filters';
  /** of a filter its place, as it has no id */
  id: string;
  /** what it is, as people call it */
  words: string;
  /** whether it goes as well; else it stays, and only what it named is taken out of it */
  goes: boolean;
}

/** By what field a part is named, whatever kind of thing names it. */
const fields: Record<Part['of'], readonly string[]> = {
  series: ['series', 'against', 'handover'],
  yardsticks: ['yardstick', 'against'],
  dials: ['dial'],
};

/**
 * What of a chart would be left without something if a part of it went: what names the part, and what
 * names that in turn. A new kind of thing names by the same fields, or is told here.
 * @param part its kind and its id
 * @returns the nearest first, each once
 */
export function hangingOn(chart: ChartDefinition, part: Part): Hanging[] {
  const found: Hanging[] = [];
  const parts: Part[] = [part];
  const isNew = ({ of, id, words }: Hanging) =>
    !(of === part.of && id === part.id) &&
    !found.some((each) => each.of === of && each.id === id && each.words === words);
  for (const each of parts) {
    const next = naming(chart, each).filter(isNew);
    found.push(...next);
    for (const { of, id, goes } of next)
      if (goes && (of === 'series' || of === 'yardsticks')) parts.push({ of, id });
  }
  const goesAsPart = ({ of, id, goes }: Hanging) =>
    !goes && parts.some((each) => each.of === of && each.id === id);
  // Of what goes itself it is not said that it would lose something too.
  return found.filter((each) => !goesAsPart(each));
}

/** What of a chart names just this part. */
function naming(chart: ChartDefinition, part: Part): Hanging[] {
  return [
    ...seriesNaming(chart, part),
    ...yardsticksNaming(chart, part),
    ...rulesNaming(chart, part),
    ...filtersNaming(chart, part),
  ];
}

function seriesNaming(chart: ChartDefinition, part: Part): Hanging[] {
  const own = nameOf(chart, part);
  const of = 'series';
  return chart.series
    .filter(({ id }) => part.of !== 'series' || id !== part.id)
    .flatMap(({ id, name, figures, mark, handover }): Hanging[] => {
      const words = `“${name}”`;
      const formula = formulaOf(figures);
      if (formula !== null && own !== '' && part.of !== 'yardsticks' && mentionedIn(formula, own))
        return [{ of, id, words, goes: true }];
      const loses = (field: object, what: string): Hanging[] =>
        namesPart(field, part) ? [{ of, id, words: `what ${words} ${what}`, goes: false }] : [];
      return [...loses({ mark }, 'is held against'), ...loses({ handover }, 'hands over to')];
    });
}

function yardsticksNaming({ yardsticks }: ChartDefinition, part: Part): Hanging[] {
  const of = 'yardsticks';
  return (
    yardsticks
      // A dial may have the id of a yardstick: they are no one thing.
      .filter(({ id }) => part.of !== of || id !== part.id)
      .filter((each) => namesPart(each, part))
      .map((each) =>
        'name' in each
          ? { of, id: each.id, words: `“${each.name}”`, goes: true }
          : { of, id: each.id, words: 'how far “Today” stands from today', goes: false },
      )
  );
}

/** Rules and standouts of a series are its own, and go with it as a matter of course. */
function rulesNaming(chart: ChartDefinition, part: Part): Hanging[] {
  const hangs = (each: { series: string }) =>
    !(part.of === 'series' && each.series === part.id) && namesPart(each, part);
  const called = ({ name, series }: ColourRuleDefinition) => {
    const of = chart.series.find(({ id }) => id === series)?.name ?? '';
    return name ? `the rule “${name}”` : `a rule of “${of}”`;
  };
  return [
    ...chart.colourRules.filter(hangs).map((rule): Hanging => {
      return { of: 'colourRules', id: rule.id, words: called(rule), goes: true };
    }),
    ...chart.standouts.filter(hangs).map(({ id }): Hanging => {
      return { of: 'standouts', id, words: 'a standout', goes: true };
    }),
  ];
}

function filtersNaming({ filters }: ChartDefinition, part: Part): Hanging[] {
  return filters.flatMap((filter, place): Hanging[] => {
    const words = `the filter of “${filter.filter.column}”`;
    const id = String(place);
    return namesPart(filter, part) ? [{ of: 'filters', id, words, goes: true }] : [];
  });
}

/**
 * A chart without a part, and without what hangs on it: what is held against it is held against
 * nothing.
 * @param part its kind and its id
 */
export function withoutPart(chart: ChartDefinition, part: Part): ChartDefinition {
  const gone = naming(chart, part).filter(({ goes }) => goes);
  const isGone = (of: Hanging['of'], id: string) =>
    gone.some((each) => each.of === of && each.id === id);
  const isOwn = (series: string) => part.of === 'series' && series === part.id;
  // What is today’s line, or a series of its own, stays without what it named.
  const freed = chart.series
    .filter(({ mark }) => namesPart({ mark }, part))
    .reduce((before, { id }) => withMark(before, id, null), chart);
  const left: ChartDefinition = {
    ...freed,
    [part.of]: (freed[part.of] as { id: string }[]).filter(({ id }) => id !== part.id),
    colourRules: freed.colourRules.filter(
      ({ id, series }) => !isGone('colourRules', id) && !isOwn(series),
    ),
    standouts: freed.standouts.filter(
      ({ id, series }) => !isGone('standouts', id) && !isOwn(series),
    ),
    filters: freed.filters.filter((_, place) => !isGone('filters', String(place))),
  };
  const cleared: ChartDefinition = {
    ...left,
    series: left.series.map((each) =>
      namesPart({ handover: each.handover }, part) ? { ...each, handover: null } : each,
    ),
    yardsticks: left.yardsticks.map((each) =>
      each.kind === 'today' && namesPart(each, part) ? { ...each, dial: null } : each,
    ),
    yardsticksBy:
      part.of === 'dials' && left.yardsticksBy === part.id ? undefined : left.yardsticksBy,
    emphasis: isOwn(chart.emphasis?.split(':')[0] ?? '') ? null : chart.emphasis,
  };
  return gone
    .flatMap(({ of, id }): Part[] => (of === 'series' || of === 'yardsticks' ? [{ of, id }] : []))
    .reduce(withoutPart, cleared);
}

const nameOf = (chart: ChartDefinition, part: Part): string =>
  namedParts(chart).find((each) => isSamePart(each, part))?.name ?? '';

function namesPart(thing: unknown, part: Part): boolean {
  if (typeof thing !== 'object' || thing === null) return false;
  return Object.entries(thing).some(
    ([field, value]) =>
      (fields[part.of].includes(field) && value === part.id) || namesPart(value, part),
  );
}
