import { countPeriods } from '../../labels';
import { type About, alternatives, ofKind } from '../../sentences';
import { type DefinitionOf, registry } from '../../registry';
import type { YardstickContext } from '../context';
import type { Edges, Found, YardstickKind } from './kind';
import { mostRecorded, type RecordedDate } from './recorded';
import { type ReadingsEnd, sayReadingsEnd } from './readings';
import { stepOf } from './steps';
import { all } from './listed';

export type { Edges, Found, ReadingsEnd, RecordedDate };
export { mostRecorded, sayReadingsEnd, stepOf };

/** Anything that series are read against besides each other. */
export type YardstickDefinition = DefinitionOf<(typeof all)[number]>;

const {
  kinds: yardstickKinds,
  of: kindOf,
  schema: yardstickSchema,
} = registry<YardstickKind<YardstickDefinition>>('yardstick', all);
export { yardstickKinds, yardstickSchema };

/** A yardstick in a sentence, after its name. */
export const yardstickEntry = ofKind<YardstickDefinition>(yardstickKinds);

/** The name that a yardstick has from what it is; null where its kind gives none. */
export const namedBy = (definition: YardstickDefinition): string | null =>
  kindOf(definition).named?.(definition) ?? null;

/** What a yardstick is in the picture. */
export const drawnAs = (definition: YardstickDefinition): 'level' | 'band' | 'dates' =>
  kindOf(definition).drawnAs;

/**
 * Whether a yardstick stands so often that it is a hairline, named in the list alone.
 * @param definition what it is
 */
export const standsOften = (definition: YardstickDefinition): boolean =>
  kindOf(definition).often ?? false;

/**
 * What can be suggested of a kind of yardstick, each without a name yet.
 * @param about the chart and what is around it
 */
export const suggestedOf = (
  { drafts, sentence }: YardstickKind<YardstickDefinition>,
  about: About,
): YardstickDefinition[] => {
  const ways = alternatives(sentence.setting());
  const all = ways.length > 0 ? ways.map(({ entry }) => entry) : [sentence];
  const drafted = drafts?.(about) ?? all.map((entry) => entry.draft(about));
  return drafted as YardstickDefinition[];
};

/** Whether figures can be held against a yardstick, and as against what; null: they cannot. */
export const heldAs = (definition: YardstickDefinition): 'level' | 'band' | null =>
  kindOf(definition).heldAs ?? null;

/**
 * The series that a yardstick is found from.
 * @returns ids of series
 */
export const seriesOfYardstick = (definition: YardstickDefinition): string[] =>
  [definition, ...Object.values(definition)].flatMap((part: unknown) =>
    typeof part === 'object' && part !== null && 'series' in part ? [String(part.series)] : [],
  );

/** A yardstick with what it has found. */
export interface Yardstick extends Found {
  id: string;
  kind: YardstickDefinition['kind'];
  name: string;
  /** the value axis makes room for it */
  onAxis: boolean;
  /** it stands on the second value axis */
  second: boolean;
}

/**
 * Finds each yardstick from what is drawn; days that are not among those shown are left out.
 * @param context the lines drawn, the positions, and where dials stand
 * @param onSecond whether one stands on the second value axis
 */
export function findYardsticks(
  definitions: readonly YardstickDefinition[],
  context: YardstickContext,
  onSecond: (definition: YardstickDefinition) => boolean = () => false,
): Yardstick[] {
  return definitions.map((definition) => {
    const found = kindOf(definition).find(definition, context);
    return {
      ...found,
      ...within(found, context),
      id: definition.id,
      kind: definition.kind,
      name: 'name' in definition ? definition.name : sayToday(found, context),
      onAxis: 'onAxis' in definition && definition.onAxis,
      second: onSecond(definition),
    };
  });
}

/** A line that stands some days from today says so: it is no second today. */
function sayToday({ days: [day] }: Found, { today: now }: YardstickContext): string {
  const apart = (day ?? now) - now;
  if (apart === 0) return 'Today';
  return `${countPeriods(Math.abs(apart), 'day')} ${apart < 0 ? 'before' : 'after'} today`;
}

/** What of the days lies on the calendar that is shown, or on what else stands along the axis. */
function within(
  { days, names, stretches, place }: Found,
  { axis, positions }: YardstickContext,
): Pick<Found, 'days' | 'names' | 'stretches'> {
  const [first, last] = [positions[0], positions.at(-1)];
  const along = axis === 'words' || axis === 'numbers';
  if (place !== undefined && along) return { days, stretches };
  if (axis !== 'calendar' || !first || !last) return { days: [], stretches: [] };
  const isShown = (day: number) => day >= first.start && day < last.next;
  return {
    days: days.filter(isShown),
    ...(names && { names: names.filter((_, at) => isShown(days[at] as number)) }),
    stretches: stretches
      .map(({ from, to }) => ({ from: Math.max(from, first.start), to: Math.min(to, last.next) }))
      .filter(({ from, to }) => from < to),
  };
}
