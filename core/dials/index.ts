import { type Day, parseDay } from '../calendar';
import { ofKind } from '../sentences';
import { type DefinitionOf, registry } from '../registry';
import { type ChoiceDial, mostChoices } from './choice';
import { type DateDial } from './date';
import { type DialKind, type DialValue, type DialValues, type Turns } from './dial';
import { type NumberDial } from './number';
import { all } from './listed';

export type { ChoiceDial, DateDial, DialValue, DialValues, NumberDial, Turns };
export { mostChoices };

/** A named value that yardsticks, rules, formulas and filters use, and readers can turn for themselves. */
export type DialDefinition = DefinitionOf<(typeof all)[number]>;

const { kinds, of: dialKind, schema: dialSchema } = registry<DialKind<DialDefinition>>('dial', all);
export { dialSchema };

/** Where the author of a chart has set a dial. */
export const standsAt = (dial: DialDefinition): DialValue => dialKind(dial).stands(dial);

/** How a dial is turned. */
export const turnsOf = (dial: DialDefinition): Turns => dialKind(dial).turns(dial);

/**
 * A dial that stands at a value.
 * @param words those of the column that it turns; none where that has none
 */
export const dialAt = (
  kind: DialDefinition['kind'],
  named: Pick<DialDefinition, 'id' | 'name'>,
  value: DialValue,
  words: readonly string[],
): DialDefinition => ({ ...dialKind({ kind }).at(value, words), ...named }) as DialDefinition;

/** What readers, by link too, learn by a dial that turns a filter and stands before them. */
export function sayOffered(dial: DialDefinition): string {
  const turns = turnsOf(dial);
  const seen = 'Everybody who sees the chart, by link too,';
  if (!('choices' in turns))
    return `${seen} can set ${dial.name} and sees the figures that are then kept.`;
  const words = turns.choices.filter(Boolean);
  const more = words.length > 6 ? ` and ${words.length - 6} more` : '';
  return `${seen} is offered ${words.slice(0, 6).join(', ')}${more}, and sees the figures of each.`;
}

/** A dial in a sentence, after its name. */
export const dialEntry = ofKind<DialDefinition>(kinds);

/**
 * Where the dials of a chart stand: as their author has set them, or as a reader has turned them. A
 * position that a dial does not have leaves it where it is.
 * @param turned by the names of dials: those of one name are turned together
 */
export function dialValues(
  dials: readonly DialDefinition[],
  turned: Readonly<Record<string, DialValue>> = {},
): DialValues {
  return new Map(
    dials.map((dial) => [dial.id, turnedTo(dial, turned[dial.name]) ?? standsAt(dial)]),
  );
}

function turnedTo(dial: DialDefinition, to: DialValue | undefined): DialValue | null {
  if (to === undefined) return null;
  return dialKind(dial).turnedTo(dial, to);
}

/**
 * The number that a dial stands at; null for one that is gone or is no number.
 * @param dials where each dial stands, by its id
 */
export const numberAt = (dials: DialValues, id: string): number | null => {
  const value = dials.get(id);
  return typeof value === 'number' ? value : null;
};

/** Where a dial stands, in a few words; empty where it stands at all there is. */
export function sayDial(value: DialValue): string {
  if (typeof value !== 'object') return String(value);
  return value.filter(Boolean).join(', ');
}

/**
 * The day that a dial stands at; null for one that is gone or is no date.
 * @param dials where each dial stands, by its id
 */
export const dayAt = (dials: DialValues, id: string): Day | null => {
  const value = dials.get(id);
  return typeof value === 'string' ? parseDay(value) : null;
};
