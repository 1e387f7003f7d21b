import jsep, { type Expression } from 'jsep';
import { isFigure, type Problem } from '../values';
import { isSameName, namesIn, writtenName } from './names';
import { functions, type Operand, operations } from './operations';

/** A formula that was read, ready to be worked out for many rows or periods. */
export interface Formula {
  /** the names it uses */
  names: readonly string[];
  /** whether its figures are exact: nothing in it divides */
  exact: boolean;
  /** it adds, takes away and scales: of figures that add up over periods it gives one that does */
  linear: boolean;
  /**
   * Works it out; missing as soon as a figure it needs is missing, or what comes out is beyond the
   * range of figures.
   * @param onBeyond is told when it is missing for that reason
   */
  evaluate: (figureOf: FigureOf, onBeyond?: () => void) => Operand;
}

type FigureOf = (name: string) => Operand;

/** What is wrong with a formula, and where in its text, counted from 0. */
export interface FormulaProblem extends Problem {
  at: number;
}

export const longestFormula = 500;
const deepest = 40;

for (const operator of Object.keys(jsep.binary_ops)) jsep.removeBinaryOp(operator);
for (const operator of Object.keys(jsep.unary_ops)) jsep.removeUnaryOp(operator);
jsep.removeAllLiterals();
jsep.addUnaryOp('-');
jsep.addUnaryOp('+');
const levels = [['or'], ['and'], ['=', '<>', '<', '>', '<=', '>='], ['+', '-'], ['*', '/', 'of']];
levels.forEach((operators, level) =>
  operators.forEach((operator) => jsep.addBinaryOp(operator, level + 1)),
);

/** Works a part out; beyond the range of numbers it is infinite, and so is whatever uses it. */
type Evaluate = (figureOf: FigureOf) => Operand;

/**
 * Reads a formula: arithmetic, comparisons, `if`, `min`, `max`, `abs`, `round` over named figures, and
 * shares as in `60% of Fares`. A name is written plainly, or between double quotes when it holds spaces.
 * @param known the names that may stand in it
 */
export function readFormula(text: string, known: readonly string[]): Formula | FormulaProblem {
  if (text.trim() === '') return problem('Write a formula, as in: Fares / Passengers', 0);
  if (text.length > longestFormula)
    return problem(`A formula has at most ${longestFormula} characters.`, longestFormula);
  try {
    const { plain, names, shares } = withPlainNames(text);
    const reader = new Reader(text, known, { names, shares });
    const root = jsep(plain);
    const evaluate = reader.read(root, 0);
    const { exact } = reader;
    const linear = growthOf(root, shares) === 'linear';
    return {
      names: [...reader.names],
      exact,
      linear,
      evaluate: (figureOf, onBeyond) => {
        const found = evaluate(figureOf);
        if (found === null || isFigure(found)) return found;
        onBeyond?.();
        return null;
      },
    };
  } catch (error) {
    const unquoted = spacedName(text, known);
    if (unquoted) return unquoted;
    if (error instanceof Unreadable) return problem(error.message, error.at);
    const { index = 0, description = 'it' } = error as { index?: number; description?: string };
    return problem(`The formula cannot be read here: ${description.toLowerCase()}.`, index);
  }
}

/** What is to be said where a name that holds spaces stands without its quotes; null where none does. */
function spacedName(text: string, known: readonly string[]): FormulaProblem | null {
  const quoted = namesIn(text).filter((each) => each.quoted);
  const places = known.flatMap((name) => {
    const at = writtenName(name) === name ? -1 : text.toLowerCase().indexOf(name.toLowerCase());
    const isBare = at >= 0 && !quoted.some(({ from, to }) => at > from && at < to);
    return isBare ? [{ name, at }] : [];
  });
  const [first] = places.sort((a, b) => b.name.length - a.name.length);
  return first
    ? problem(
        `Write ${writtenName(first.name)} between double quotes: its name is no single word.`,
        first.at,
      )
    : null;
}

/**
 * A formula in which words that nobody can write stand in the places of quoted names, each as long as
 * what it stands for, so that places in the text stay what they are.
 */
function withPlainNames(text: string): {
  plain: string;
  names: Map<string, string>;
  /** shares of a hundred, by the words in their places */
  shares: Map<string, number>;
} {
  const names = new Map<string, string>();
  const shares = new Map<string, number>();
  const quoted = namesIn(text).filter((each) => each.quoted);
  const sign = [...text.matchAll(/\$/g)].find(
    ({ index }) => !quoted.some(({ from, to }) => index > from && index < to),
  );
  if (sign)
    throw new Unreadable('“$” can stand in a name between quotes, and nowhere else.', sign.index);
  const named = quoted.reduceRight((written, { name, from, to }, at) => {
    const word = `$${at.toString(36)}`.padEnd(to - from, '$');
    names.set(word, name);
    return written.slice(0, from) + word + written.slice(to);
  }, text);
  let count = 0;
  const plain = named.replace(percentage, (whole: string, digits: string) => {
    const word = `_${(count += 1).toString(36)}$`.padEnd(whole.length, '$').slice(0, whole.length);
    shares.set(word, Number(`${digits}e-2`));
    return word;
  });
  return { plain, names, shares };
}

const percentage = /(?<![\w.$])(\d+(?:\.\d*)?|\.\d+)\s*%/g;

/** What becomes of a formula when all that it names is doubled: it stays, it doubles, or neither. */
type Growth = 'constant' | 'linear' | 'none';

function growthOf(node: Expression, shares: ReadonlyMap<string, number>): Growth {
  const of = (part: unknown) => growthOf(part as Expression, shares);
  if (node.type === 'Literal') return typeof node.value === 'number' ? 'constant' : 'linear';
  if (node.type === 'Identifier') return shares.has(String(node.name)) ? 'constant' : 'linear';
  if (node.type === 'UnaryExpression') return of(node.argument);
  if (node.type !== 'BinaryExpression') return 'none';
  const [left, right] = [of(node.left), of(node.right)];
  const grows = growths[String(node.operator)];
  return grows?.(left, right) ?? 'none';
}

const alike = (left: Growth, right: Growth): Growth => (left === right ? left : 'none');
const scaled = (left: Growth, right: Growth): Growth =>
  right === 'constant' ? left : left === 'constant' ? right : 'none';

const growths: Readonly<Record<string, (left: Growth, right: Growth) => Growth>> = {
  '+': alike,
  '-': alike,
  '*': scaled,
  of: scaled,
  '/': (left, right) => (right === 'constant' ? left : 'none'),
};

/** Whether a formula could not be read. */
export const isProblem = (read: Formula | FormulaProblem): read is FormulaProblem => 'at' in read;

const problem = (sentence: string, at: number): FormulaProblem => ({
  code: 'formula',
  sentence,
  at,
});

class Unreadable extends Error {
  constructor(
    sentence: string,
    readonly at: number,
  ) {
    super(sentence);
  }
}

/** Turns a parsed formula into a function; there is no way in it to anything but the known names. */
class Reader {
  readonly names = new Set<string>();
  exact = true;

  constructor(
    private readonly text: string,
    private readonly known: readonly string[],
    /** the names that stood between quotes, and the shares, by the words in their places */
    private readonly stands: {
      names: ReadonlyMap<string, string>;
      shares: ReadonlyMap<string, number>;
    },
  ) {}

  read(node: Expression, depth: number): Evaluate {
    if (depth > deepest) throw new Unreadable('The formula is nested too deeply.', 0);
    if (node.type === 'Literal') return this.literal(node.value);
    if (node.type === 'Identifier') {
      const word = String(node.name);
      const share = this.stands.shares.get(word);
      return share === undefined ? this.named(this.stands.names.get(word) ?? word) : () => share;
    }
    if (node.type === 'UnaryExpression') return this.signed(node, depth);
    if (node.type === 'BinaryExpression') return this.combined(node, depth);
    if (node.type === 'CallExpression') return this.called(node, depth);
    throw new Unreadable(
      'Names, figures, + - * /, comparisons and functions can stand in a formula, and nothing else.',
      0,
    );
  }

  private literal(value: unknown): Evaluate {
    return typeof value === 'number' ? () => value : this.named(String(value));
  }

  private named(name: string): Evaluate {
    const meant = this.known.includes(name)
      ? name
      : this.known.find((each) => isSameName(each, name));
    if (meant === undefined) throw this.unknown(name);
    this.names.add(meant);
    return (figureOf) => figureOf(meant);
  }

  private unknown(name: string): Unreadable {
    const some = this.known.slice(0, 6).map(writtenName);
    const sentence = `There is no “${name}”. There is ${some.join(', ')}${this.known.length > 6 ? ' and more' : ''}.`;
    return new Unreadable(sentence, this.text.indexOf(name));
  }

  private signed(node: Expression, depth: number): Evaluate {
    const operand = this.read(node.argument as Expression, depth + 1);
    if (node.operator === '+') return operand;
    return (figureOf) => {
      const figure = operand(figureOf);
      return figure === null ? null : -figure;
    };
  }

  private combined(node: Expression, depth: number): Evaluate {
    const operation = operations[String(node.operator)];
    if (!operation) throw new Unreadable(`“${String(node.operator)}” cannot be used.`, 0);
    if (node.operator === '/') this.exact = false;
    const left = this.read(node.left as Expression, depth + 1);
    const right = this.read(node.right as Expression, depth + 1);
    const exact = this.exact;
    return (figureOf) => {
      const one = left(figureOf);
      if (one === null) return null;
      const two = right(figureOf);
      if (two === null) return null;
      return isWithin(one) && isWithin(two) ? within(operation(one, two, exact)) : Infinity;
    };
  }

  private called(node: Expression, depth: number): Evaluate {
    const name = String((node.callee as { name?: string }).name ?? '').toLowerCase();
    const given = (node.arguments as Expression[]).map((each) => this.read(each, depth + 1));
    const at = Math.max(0, this.text.toLowerCase().indexOf(`${name}(`));
    if (name === 'if') return this.either(given, at);
    const called = functions[name];
    if (!called)
      throw new Unreadable(
        `There is no function “${name}”. There is if, ${Object.keys(functions).join(', ')}.`,
        at,
      );
    const [least, most] = called.takes;
    if (given.length < least || given.length > most)
      throw new Unreadable(
        `“${name}” takes ${least === most ? least : `${least} to ${most}`} figures, not ${given.length}.`,
        at,
      );
    return (figureOf) => {
      const figures = given.map((each) => each(figureOf));
      if (figures.includes(null)) return null;
      return figures.every(isWithin) ? within(called.find(figures as number[])) : Infinity;
    };
  }

  /** Needs its condition and the branch taken, and no more. */
  private either(given: readonly Evaluate[], at: number): Evaluate {
    const [condition, then, otherwise] = given;
    if (!condition || !then || !otherwise || given.length > 3)
      throw new Unreadable('“if” takes a condition, then a figure, else a figure.', at);
    return (figureOf) => {
      const holds = condition(figureOf);
      if (!isWithin(holds)) return holds;
      return (holds !== 0 ? then : otherwise)(figureOf);
    };
  }
}

/** Whether there is a number to work on with. */
const isWithin = (figure: Operand): figure is number => figure !== null && Number.isFinite(figure);

const within = (figure: Operand): Operand =>
  figure === null || Number.isFinite(figure) ? figure : Infinity;
