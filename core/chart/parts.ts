import { isSameName } from '../formula';
import type { ChartDefinition } from './definition';

/** What of a chart has a name, by which its other parts and its readers know it. */
export interface Part {
  of: 'series' | 'yardsticks' | 'dials';
  id: string;
}

export interface NamedPart extends Part {
  name: string;
}

type Parts = Pick<ChartDefinition, 'yardsticks' | 'dials'> & {
  series: readonly Pick<NamedPart, 'id' | 'name'>[];
};

/** Everything of a chart that has a name; the today line has none of its own. */
export const namedParts = ({ series, yardsticks, dials }: Parts): NamedPart[] => [
  ...series.map(({ id, name }) => ({ of: 'series' as const, id, name })),
  ...yardsticks.flatMap((each) =>
    'name' in each ? [{ of: 'yardsticks' as const, id: each.id, name: each.name }] : [],
  ),
  ...dials.map(({ id, name }) => ({ of: 'dials' as const, id, name })),
];

export const isSamePart = (one: Part, two: Part): boolean => one.of === two.of && one.id === two.id;

/**
 * The part of a chart that has a name already, other than the one that is to have it; null: it is
 * free.
 * @param name as it would be written, in any capitals
 * @param part the part that is to have it
 */
export const namedAlready = (chart: Parts, name: string, part: Part): NamedPart | null =>
  namedParts(chart).find((each) => !isSamePart(each, part) && isSameName(each.name, name.trim())) ??
  null;

/** The longest name, in characters. */
export const longestName = 120;

/**
 * A name that none of others is: the name itself, or with a number after it.
 * @param taken the names of the others, in any capitals
 */
export function freeName(name: string, taken: readonly string[]): string {
  const isFree = (text: string) => !taken.some((each) => isSameName(each.trim(), text));
  if (isFree(name.trim())) return name;
  for (let number = 2; ; number += 1) {
    const after = ` ${number}`;
    const numbered = name.trim().slice(0, longestName - after.length) + after;
    if (isFree(numbered)) return numbered;
  }
}

/** A name that two parts of a chart share; null when each has one of its own. */
export function sharedName(names: readonly string[]): string | null {
  return (
    names.find(
      (name, at) => names.findIndex((each) => isSameName(each.trim(), name.trim())) < at,
    ) ?? null
  );
}
