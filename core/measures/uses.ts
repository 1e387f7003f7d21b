import { isProblem, readFormula } from '../formula';
import type { Measure } from './measure';

/**
 * The measures that one is worked out from at first hand; those that are gone left out.
 * @param all the measures of its source
 */
export function operandsOf(measure: Measure, all: readonly Measure[]): Measure[] {
  if (measure.definition.kind !== 'formula') return [];
  const others = all.filter(({ id }) => id !== measure.id);
  const read = readFormula(
    measure.definition.text,
    others.map(({ name }) => name),
  );
  return isProblem(read) ? [] : others.filter(({ name }) => read.names.includes(name));
}

/**
 * Whether a measure is worked out from itself, at whatever remove.
 * @param all the measures of its source
 */
export function usesItself(measure: Measure, all: readonly Measure[]): boolean {
  const reached = new Set<number>();
  const walk = (from: Measure): boolean =>
    operandsOf(from, all).some((operand) => {
      if (operand.id === measure.id) return true;
      if (reached.has(operand.id)) return false;
      reached.add(operand.id);
      return walk(operand);
    });
  return walk(measure);
}

/**
 * The ids of all measures that change when one does: itself, and what is worked out from it.
 * @param id of the measure that changes
 * @param all the measures of its source
 */
export function dependentsOf(id: number, all: readonly Measure[]): Set<number> {
  const found = new Set([id]);
  for (let size = 0; size < found.size;) {
    size = found.size;
    for (const measure of all)
      if (operandsOf(measure, all).some((operand) => found.has(operand.id))) found.add(measure.id);
  }
  return found;
}
