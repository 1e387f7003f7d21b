import fc from 'fast-check';
import { colours } from '../chart';

/** What of a Yup schema tells which values it takes. */
interface Known {
  type: string;
  spec: { nullable?: boolean; optional?: boolean; default?: unknown; types?: unknown };
  fields?: Record<string, Known>;
  innerType?: Known;
  tests: readonly { OPTIONS?: { name?: string; params?: Record<string, unknown> } }[];
  _whitelist: ReadonlySet<unknown>;
  /** of what depends on its value */
  resolve: (options: { value: unknown }) => Known;
}

/** Draws from an arbitrary. */
export type Draw = <Value>(arbitrary: fc.Arbitrary<Value>) => Value;

/** What is drawn in place of what a schema takes, by the field that it is for. */
export type Drawn = Readonly<Record<string, (draw: Draw) => unknown>>;

const words = [
  'Osk',
  'Quill to Skerrow',
  'blank "sea"',
  'mean',
  'Jan',
  'over (the) bar, and',
  '',
  'É 1',
];
const dates = ['2025-01-01', '2026-02-28', '2024-02-29', '2026-12-31', '2026-07-04'];

/**
 * Something that a schema takes, of any kind that it knows: what is added to a registry is drawn with the
 * rest.
 * @param names every name that a kind of anything has
 * @param drawn by field: what is drawn in its place, since it names something else
 */
export function randomOfSchema(
  schema: unknown,
  names: readonly string[],
  drawn: Drawn,
  draw: Draw,
  path: readonly string[] = [],
): unknown {
  const known = schema as Known;
  const own = drawn[path.at(-1) ?? ''];
  const inner = (next: unknown, name: string) =>
    randomOfSchema(next, names, drawn, draw, [...path, name]);
  if (known.type === 'lazy') {
    const kinds = names.filter((kind) =>
      known.resolve({ value: { kind } }).fields?.['kind']?._whitelist.has(kind),
    );
    if (kinds.length === 0) return inner(known.resolve({ value: undefined }), '');
    const isDeep = path.filter((name) => name === 'of').length > 1;
    const kind = draw(fc.constantFrom(...kinds.filter((each) => !isDeep || each !== 'several')));
    return fieldsOf(known.resolve({ value: { kind } }), inner);
  }
  const { nullable } = known.spec;
  if (mayLack(known) && draw(fc.boolean())) return undefined;
  if (nullable && draw(fc.boolean())) return null;
  if (own && !has(known, 'date')) return own(draw);
  if (known._whitelist.size > 0) return draw(fc.constantFrom(...known._whitelist));
  if (has(known, 'colour')) return draw(fc.constantFrom(...colours, '#e0b400', '#0a5c8f'));
  if (known.fields) return fieldsOf(known, inner);
  const { types } = known.spec;
  if (Array.isArray(types)) return types.map((each) => inner(each, ''));
  if (known.innerType) {
    const count = draw(fc.integer({ min: Number(param(known, 'min') ?? 0), max: 3 }));
    return Array.from({ length: count }, () => inner(known.innerType, 'of'));
  }
  if (known.type === 'number') return draw(numbersOf(known));
  if (known.type === 'boolean') return draw(fc.boolean());
  if (has(known, 'date')) return draw(fc.constantFrom(...dates));
  const most = Number(param(known, 'max') ?? Infinity);
  const least = has(known, 'required') || Number(param(known, 'min') ?? 0) > 0;
  return draw(
    fc.constantFrom(...words.filter((word) => word.length <= most && (!least || word !== ''))),
  );
}

/** An object that says nothing of it is made of what its fields are without saying anything. */
const mayLack = ({ spec, fields }: Known) =>
  spec.optional && spec.default === undefined && (!fields || 'default' in spec);

const fieldsOf = ({ fields = {} }: Known, inner: (next: unknown, name: string) => unknown) =>
  Object.fromEntries(
    Object.entries(fields).flatMap(([name, each]) => {
      const value = inner(each, name);
      return value === undefined ? [] : [[name, value]];
    }),
  );

const named = ({ tests }: Known, name: string) =>
  tests.map(({ OPTIONS }) => OPTIONS).find((each) => each?.name === name);
const has = (known: Known, name: string) => named(known, name) !== undefined;
const param = (known: Known, name: string) => named(known, name)?.params?.[name];

function numbersOf(known: Known) {
  const least = Number(param(known, 'min') ?? (named(known, 'min') ? 0.25 : -1e6));
  const most = Number(param(known, 'max') ?? 1e6);
  if (has(known, 'integer')) return fc.integer({ min: Math.ceil(least), max: Math.floor(most) });
  const odd = [1e-9, 0.1, 2.5e14].filter((each) => each >= least && each <= most);
  const quarters = fc.integer({ min: Math.ceil(least * 4), max: Math.floor(most * 4) });
  return fc.oneof(
    quarters.map((four) => four / 4),
    ...odd.map((each) => fc.constant(each)),
  );
}
