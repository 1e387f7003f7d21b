/** A slot of a text: a name between braces, that a value takes the place of. */
const slot = /\{([^{}]{1,120})\}/g;

/** The names of the slots of a text, as written. */
export const slotsOf = (text: string): string[] =>
  [...text.matchAll(slot)].map(([, name]) => (name as string).trim());

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
    (written, name: string) => known.get(name.trim().toLowerCase()) ?? written,
  );
}
