import { renamedBy, isSameName } from '../formula';
import { renamedSlots } from '../labels';
import { formulaOf, withFormula } from '../origins';
import { type ChartDefinition, freeName, isSamePart, namedParts, type Part } from '../chart';

/**
 * A chart one of whose parts has another name; formulas and the title, which name it, follow.
 * @param wanted where it is taken, a number comes after it
 */
export function withRenamed(chart: ChartDefinition, part: Part, wanted: string): ChartDefinition {
  const parts = namedParts(chart);
  const before = parts.find((each) => isSamePart(each, part))?.name;
  const others = parts.filter((each) => !isSamePart(each, part));
  const name = freeName(
    wanted,
    others.map((each) => each.name),
  );
  const renamed = withName(chart, part, name);
  if (before === undefined || before === name) return renamed;
  const follow = (each: string) => (isSameName(each, before) ? name : null);
  return withNames(renamed, follow);
}

/** A chart in which what names its parts says other names. */
const withNames = (
  chart: ChartDefinition,
  renamed: (name: string) => string | null,
): ChartDefinition => ({
  ...chart,
  title: renamedSlots(chart.title, renamed),
  series: chart.series.map((each) => {
    const text = formulaOf(each.figures);
    if (text === null) return each;
    return { ...each, figures: withFormula(each.figures, renamedBy(text, renamed)) };
  }),
});

const withName = (chart: ChartDefinition, { of, id }: Part, name: string): ChartDefinition => ({
  ...chart,
  [of]: (chart[of] as { id: string }[]).map((each) => (each.id === id ? { ...each, name } : each)),
});

/**
 * A chart as it was changed, with a name of its own for each part that is new or has another name: one
 * that is taken gets a number after it.
 * @param before as it stood
 * @param after as it was changed
 */
export function withOwnNames(before: ChartDefinition, after: ChartDefinition): ChartDefinition {
  const known = namedParts(before);
  const isKept = (part: Part & { name: string }) =>
    known.some((each) => isSamePart(each, part) && each.name === part.name);
  const parts = namedParts(after);
  const taken = parts.filter(isKept).map(({ name }) => name);
  return parts
    .filter((part) => !isKept(part))
    .reduce((chart, part) => {
      const name = freeName(part.name, taken);
      taken.push(name);
      return name === part.name ? chart : withName(chart, part, name);
    }, after);
}
