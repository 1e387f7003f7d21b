import type { ChartDefinition } from '../chart';

/** A part of a chart that there may be several of. */
interface Part {
  id: string;
  name?: string;
}

const same = (one: unknown, two: unknown) => JSON.stringify(one) === JSON.stringify(two);

/** What the settings of the whole chart are called when one of them changes. */
const settings = {
  title: 'title',
  grain: 'period',
  readerGrains: 'periods for readers',
  span: 'what is shown',
  yearStart: 'start of the year',
  arrangement: 'arrangement',
  axes: 'scales',
  names: 'names',
  filters: 'filters',
  emphasis: 'emphasis',
  replay: 'replay',
  notesHidden: 'pennants',
  linking: 'ties to other charts',
} as const satisfies Partial<Record<keyof ChartDefinition, string>>;

/** What its parts are called when they have no name of their own. */
const lists = {
  series: 'series',
  yardsticks: 'yardstick',
  colourRules: 'colour rule',
  standouts: 'standout',
} as const satisfies Partial<Record<keyof ChartDefinition, string>>;

/** What has changed from one definition to the next, in a few words: the name of a step. */
export function sayChange(before: ChartDefinition, after: ChartDefinition): string {
  const changed = [
    ...Object.entries(lists).flatMap(([list, kind]) =>
      sayParts(before[list as keyof typeof lists], after[list as keyof typeof lists], kind),
    ),
    ...Object.entries(settings).flatMap(([setting, words]) =>
      same(before[setting as keyof typeof settings], after[setting as keyof typeof settings])
        ? []
        : [`${words} changed`],
    ),
  ];
  const [first = 'nothing changed', ...more] = changed;
  return more.length === 0 ? first : `${first}, and ${more.length} more`;
}

function sayParts(before: readonly Part[], after: readonly Part[], kind: string): string[] {
  const named = ({ id, name }: Part) => (name ? name : `${kind} ${id}`);
  const find = (parts: readonly Part[], id: string) => parts.find((part) => part.id === id);
  const added = after.filter(({ id }) => !find(before, id));
  const removed = before.filter(({ id }) => !find(after, id));
  const changed = after.filter((part) => {
    const old = find(before, part.id);
    return old && !same(old, part);
  });
  const moved =
    added.length + removed.length === 0 &&
    !same(
      before.map(({ id }) => id),
      after.map(({ id }) => id),
    );
  return [
    ...removed.map((part) => `${named(part)} removed`),
    ...added.map((part) => `${named(part)} added`),
    ...changed.map((part) => `${named(part)} changed`),
    ...(moved ? [`order of ${kind === 'series' ? kind : `${kind}s`} changed`] : []),
  ];
}
