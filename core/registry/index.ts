import { type ISchema, type Lazy, lazy, mixed } from 'yup';

/** What every kind of a thing has, whatever it is a kind of. */
export interface Kind<Definition extends { kind: string }> {
  kind: Definition['kind'];
  /** what a definition of this kind must be to be kept; made when it is first asked for */
  schema: () => ISchema<unknown>;
  /** never there: it tells types what this is a kind of */
  readonly definition?: Definition;
}

/** What is kept of things of these kinds. */
export type DefinitionOf<K> = K extends Kind<infer Definition> ? Definition : never;

/** All kinds of a thing. */
export interface Registry<K extends Kind<{ kind: string }>> {
  /** in the order in which they are offered */
  kinds: readonly K[];
  /**
   * The kind of a definition.
   * @throws Error when there is none: what comes from outside is held against the schema before
   */
  of: (definition: { kind: K['kind'] }) => K;
  /** the schema of the kind that a value says it is of; of no kind: one that refuses it */
  schemaFor: (value: unknown) => ISchema<DefinitionOf<K>>;
  /** the same, as a schema of its own */
  schema: Lazy<DefinitionOf<K>>;
}

/**
 * Registers the kinds of a thing.
 * @param what what they are kinds of, as in "There is no such yardstick."
 * @param listed each of a definition of its own; a new kind is one more
 */
export function registry<K extends Kind<{ kind: string }>>(
  what: string,
  listed: readonly Kind<{ kind: string }>[],
): Registry<K> {
  // Whoever takes a kind out gives it only definitions that are of it, which types cannot tell.
  const kinds = listed as unknown as readonly K[];
  const byName = new Map(kinds.map((each) => [each.kind, each]));
  const of = ({ kind }: { kind: K['kind'] }) => {
    const found = byName.get(kind);
    if (!found) throw new Error(`There is no ${what} ${kind}.`);
    return found;
  };
  const none = () =>
    mixed()
      .nullable()
      .test('kind', `There is no such ${what}.`, () => false);
  // Pages that only draw never ask: what is asked for is made once.
  const made = new Map<K, ISchema<unknown>>();
  const schemaFor = (value: unknown) => {
    const kind = byName.get((Object(value) as Partial<K>).kind ?? '');
    const schema = kind && (made.get(kind) ?? kind.schema());
    if (schema) made.set(kind, schema);
    return (schema ?? none()) as ISchema<DefinitionOf<K>>;
  };
  return { kinds, of, schemaFor, schema: lazy(schemaFor) as Lazy<DefinitionOf<K>> };
}
