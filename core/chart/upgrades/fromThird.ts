import { isSameName, renamedBy } from '../../formula';
import { renamedSlots } from '../../labels';
import { freeName } from '../parts';

/** What of a chart of version 3 has to do with names. */
interface Named {
  title: string;
  series: {
    id: string;
    name: string;
    figures: { kind: string; text?: string };
    /** what was never changed on the way */
    [unchanged: string]: unknown;
  }[];
  yardsticks: { id: string; kind: string; name?: string }[];
  dials: { id: string; kind: string; name: string }[];
  /** what was never changed on the way */
  [unchanged: string]: unknown;
}

/** A chart as version 3 kept it. */
export interface ThirdChart extends Named {
  version: 3;
}

/** A chart as version 4 keeps it, as far as its upgrade knows it. */
export interface FourthChart extends Named {
  version: 4;
}

interface Part {
  of: 'series' | 'yardsticks' | 'dials';
  id: string;
  name: string;
}

/**
 * Version 4 has no two series, yardsticks or dials of one name, capitals ignored: later ones get a number
 * after it. What named one of several names the one that was meant. How a chart is linked with others, and
 * two kinds of yardsticks, have names that say what they are.
 */
export function fromThird(third: ThirdChart): FourthChart {
  const { series, dials, together, ...others } = third;
  const parts = partsOf(third);
  const taken: string[] = [];
  const named = parts.map((part) => {
    const name = freeName(part.name, taken);
    taken.push(name);
    return { ...part, name };
  });
  const nameOf = ({ of, id }: Pick<Part, 'of' | 'id'>) =>
    named.find((each) => each.of === of && each.id === id)?.name ?? null;
  const meant = (pool: readonly Part[], name: string) =>
    pool.find((each) => each.name === name) ?? pool.find((each) => isSameName(each.name, name));
  const renamedTo = (pool: readonly Part[]) => (name: string) => {
    const part = meant(pool, name);
    const next = part ? nameOf(part) : null;
    return next === part?.name ? null : next;
  };
  const of = (kind: Part['of']) => parts.filter((part) => part.of === kind);
  const turned = of('dials').filter(({ id }) =>
    dials.some((dial) => dial.id === id && dial.kind === 'number'),
  );
  // In a title the last of several lines counted, and lines before yardsticks.
  const inTitle = [...of('series').reverse(), ...of('yardsticks').reverse()];
  const rename = <Each extends { id: string; name?: string }>(
    kind: Part['of'],
    each: Each,
  ): Each =>
    each.name === undefined ? each : { ...each, name: nameOf({ of: kind, id: each.id }) };
  return {
    ...others,
    ...(together !== undefined && { linking: together }),
    version: 4,
    title: renamedSlots(third.title, renamedTo(inTitle)),
    yardsticks: third.yardsticks.map((each) => ({
      ...rename('yardsticks', each),
      kind: kindsRenamed[each.kind] ?? each.kind,
    })),
    dials: dials.map((each) => rename('dials', each)),
    series: series.map((each) => {
      const others = of('series').filter(({ id }) => id !== each.id);
      const { figures } = each;
      const renamed = rename('series', each);
      if (figures.kind !== 'formula' || figures.text === undefined) return renamed;
      const text = renamedBy(figures.text, renamedTo([...others, ...turned]));
      return { ...renamed, figures: { ...figures, text } };
    }),
  };
}

/** Kinds of yardsticks that have another name since. */
const kindsRenamed: Readonly<Record<string, string>> = { ribbon: 'between', moment: 'foundDate' };

/** All that had a name. */
const partsOf = ({ series, yardsticks, dials }: ThirdChart): Part[] => [
  ...series.map(({ id, name }) => ({ of: 'series' as const, id, name })),
  ...yardsticks.flatMap(({ id, name }) =>
    name === undefined ? [] : [{ of: 'yardsticks' as const, id, name }],
  ),
  ...dials.map(({ id, name }) => ({ of: 'dials' as const, id, name })),
];
