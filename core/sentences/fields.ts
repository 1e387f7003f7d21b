/** What a definition says, by its fields. */
export type Fields = Readonly<Record<string, unknown>>;

/** What stands at the end of a path of fields; undefined where nothing does. */
export const get = (of: unknown, path: readonly string[]): unknown =>
  path.reduce<unknown>((value, field) => (value as Fields | undefined)?.[field], of);

/** The same with another value at the end of a path. */
export function set(of: Fields, [field, ...rest]: readonly string[], value: unknown): Fields {
  if (field === undefined) return of;
  const inner = rest.length === 0 ? value : set((of[field] ?? {}) as Fields, rest, value);
  return { ...of, [field]: inner };
}

/** What is left of something without one of its fields. */
export function without(of: Fields, path: readonly string[]): Fields {
  const [field = '', ...rest] = path;
  if (rest.length > 0) return { ...of, [field]: without(of[field] as Fields, rest) };
  const { [field]: _, ...others } = of;
  return others;
}
