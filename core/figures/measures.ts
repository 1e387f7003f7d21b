import { isProblem, readFormula, renamedIn } from '../formula';
import type { Measure } from '../measures';
import { measureOf } from '../origins';
import type { ChartDefinition, SeriesDefinition } from '../chart';

/** Formulas over formulas over formulas: deeper ones are not followed. */
const deepest = 12;

/**
 * Puts what measures mean in their place: an aggregate of rows, or a formula over hidden series that
 * aggregate what it names, each with the split of the series that draws it. A series whose measure is
 * gone stays as it is.
 */
export function withMeasures(
  chart: ChartDefinition,
  measures: readonly Measure[],
): ChartDefinition {
  if (chart.series.every(({ figures }) => measureOf(figures) === null)) return chart;
  return {
    ...chart,
    series: chart.series.flatMap((series) => {
      const asked = measureOf(series.figures);
      if (!asked) return [series];
      const own = measures.filter(({ sourceId }) => sourceId === asked.sourceId);
      const measure = own.find(({ id }) => id === asked.measureId);
      return measure ? expanded(series, measure, own, 0) : [series];
    }),
  };
}

function expanded(
  series: SeriesDefinition,
  { id, sourceId, definition }: Measure,
  own: readonly Measure[],
  depth: number,
): SeriesDefinition[] {
  if (definition.kind === 'aggregate')
    return [{ ...series, figures: { ...definition, sourceId, kind: 'rows' } }];
  const others = own.filter((each) => each.id !== id);
  const read = readFormula(
    definition.text,
    others.map(({ name }) => name),
  );
  if (isProblem(read) || depth > deepest)
    return [{ ...series, figures: { kind: 'formula', text: definition.text } }];
  const operands = others.filter(({ name }) => read.names.includes(name));
  // Names that no series of a chart can have: a measure may be called as one is.
  const named = (operand: Measure) => `${series.id}${operandMark}${operand.id}`;
  const text = operands.reduce(
    (formula, operand) => renamedIn(formula, operand.name, named(operand)),
    definition.text,
  );
  const hidden = operands.flatMap((operand) =>
    expanded(operandOf(series, named(operand)), operand, own, depth + 1),
  );
  return [{ ...series, figures: { kind: 'formula', text } }, ...hidden];
}

/** Whether a series stands for what a measure is worked out from. */
export const isOperand = ({ id }: Pick<SeriesDefinition, 'id'>): boolean =>
  id.includes(operandMark);

/** No id that is given to a series holds it. */
export const operandMark = '~';

/** A series that is only worked with. What it is worked out to has no first few of its own. */
function operandOf(series: SeriesDefinition, id: string): SeriesDefinition {
  return {
    ...series,
    id,
    name: id,
    derived: null,
    mark: null,
    handover: null,
    hidden: true,
    split: series.split && { ...series.split, top: null },
  };
}
