import { writtenName } from '../formula';

/**
 * A slot of a text: a name between braces, that a value takes the place of. A name with braces or
 * quotes in it is written between quotes, as in formulas.
 */
const slot = /\{\s*(?:"((?:[^"]|"")*)"|([^{}]{1,120}?))\s*\}/g;

const nameOf = (quoted: string | undefined, plain: string | undefined): string =>
  quoted === undefined ? (plain ?? '') : quoted.replaceAll('""', '"');

/** A slot of a name. */
const slotOf = (name: string): string => `{${/[{}"]/.test(name) ? writtenName(name) : name}}`;

/**
 * Writes other names in the slots of a text.
 * @param renamed another name for one that stands there; null leaves it
 */
export const renamedSlots = (text: string, renamed: (name: string) => string | null): string =>
  text.replace(slot, (written, quoted?: string, plain?: string) => {
    const next = renamed(nameOf(quoted, plain));
    return next === null ? written : slotOf(next);
  });

/** A text as it is told where no value is known yet. */
export const withoutSlots = (text: string): string => text.replace(slot, '…');

/**
 * Puts values in the place of a text's slots, as in "Fares to {last period}: {Fares}". Names are
 * looked up without regard to capitals; a slot that no value is known for stays as it is written.
 * @param values by name
 */
export function fillSlots(text: string, values: ReadonlyMap<string, string>): string {
  if (!text.includes('{')) return text;
  const known = new Map([...values].map(([name, value]) => [name.toLowerCase(), value]));
  return text.replace(
    slot,
    (written, quoted?: string, plain?: string) =>
      known.get(nameOf(quoted, plain).toLowerCase()) ?? written,
  );
}
