import Big from 'big.js';
import { compareFigures, difference } from '../values';

/** A figure, or missing. A comparison gives 1 or 0. */
export type Operand = number | null;

/** An operation on figures that are all there. */
type Operation = (left: number, right: number, exact: boolean) => Operand;

const truth = (holds: boolean): number => (holds ? 1 : 0);
const compared = (left: number, right: number, exact: boolean) =>
  compareFigures(left, right, exact);

const times: Operation = (left, right, exact) =>
  exact ? Big(left).times(right).toNumber() : left * right;

/** Decimal sums, differences and products are exact as long as nothing was divided. */
export const operations: Readonly<Record<string, Operation>> = {
  '+': (left, right, exact) => difference(left, -right, exact),
  '-': (left, right, exact) => difference(left, right, exact),
  '*': times,
  of: times,
  '/': (left, right) => (right === 0 ? null : left / right),
  '<': (left, right, exact) => truth(compared(left, right, exact) < 0),
  '>': (left, right, exact) => truth(compared(left, right, exact) > 0),
  '<=': (left, right, exact) => truth(compared(left, right, exact) <= 0),
  '>=': (left, right, exact) => truth(compared(left, right, exact) >= 0),
  '=': (left, right, exact) => truth(compared(left, right, exact) === 0),
  '<>': (left, right, exact) => truth(compared(left, right, exact) !== 0),
  and: (left, right) => truth(left !== 0 && right !== 0),
  or: (left, right) => truth(left !== 0 || right !== 0),
};

/** A function of a formula, with how many figures it takes. */
interface FormulaFunction {
  takes: [least: number, most: number];
  find: (figures: readonly number[]) => Operand;
}

/** Every function but `if`, which looks at one of its branches only. */
export const functions: Readonly<Record<string, FormulaFunction>> = {
  min: { takes: [1, 50], find: (figures) => Math.min(...figures) },
  max: { takes: [1, 50], find: (figures) => Math.max(...figures) },
  abs: { takes: [1, 1], find: ([figure = 0]) => Math.abs(figure) },
  round: {
    takes: [1, 2],
    find: ([figure = 0, digits = 0]) =>
      Number.isInteger(digits) && Math.abs(digits) <= 12
        ? // Halves are rounded away from zero, as people do.
          Big(figure)
            .div(Big(10).pow(-digits))
            .round(0, Big.roundHalfUp)
            .times(Big(10).pow(-digits))
            .toNumber()
        : null,
  },
};
