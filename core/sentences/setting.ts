import type { Setting, Way } from './entry';

/** The same setting under a name, unless it has one of its own. */
export const called = (name: string, setting: Setting): Setting =>
  name === '' || setting.called !== undefined ? setting : { ...setting, called: name };

/** Every way to say something, those within ways too. */
export function alternatives(setting: Setting): readonly Way[] {
  if (setting.control !== 'ways') return [];
  return setting.ways.flatMap((way) => {
    const inner = alternatives(way.entry.setting());
    if (inner.length === 0) return [way];
    return inner.map(({ is, entry }) => ({
      is: (value: unknown) => way.is(value) && is(value),
      entry,
    }));
  });
}

/** The first way that a value is said; undefined for none. */
export const wayOf = (setting: Setting, value: unknown): Way | undefined =>
  alternatives(setting).find(({ is }) => is(value));
