import { type ConditionDefinition, isOffMark } from '../conditions';
import type { ColourRuleDefinition, Dash } from '../chart';

const markers = ['diamond', 'square', 'triangle', 'cross'] as const;

/** The form of a point that a rule catches. */
export type Marker = (typeof markers)[number];

/** What tells what a rule catches from the rest, beside its colour. */
export interface Cue {
  heavier: boolean;
  /** null: the line's own */
  dash: Dash | null;
  marker: Marker | null;
}

/** Told apart by colour alone, or by nothing. */
export const plainCue: Cue = { heavier: false, dash: null, marker: null };

/** In the order in which rules take them. */
const ofStrokes: readonly Cue[] = [
  { ...plainCue, heavier: true },
  { ...plainCue, dash: 'longdash' },
  { ...plainCue, dash: 'dash' },
  { ...plainCue, dash: 'dot' },
  { ...plainCue, heavier: true, dash: 'longdash' },
  { ...plainCue, heavier: true, dash: 'dash' },
  { ...plainCue, heavier: true, dash: 'dot' },
];

const isOnMark = (condition: ConditionDefinition) =>
  condition.kind === 'mark' && !isOffMark(condition);

/**
 * Gives each rule of a series a cue of its own beside its colour, for those who do not tell colours
 * apart: a weight, a dash, or for points a form. What is on the mark is drawn plainly, what is off it is
 * heavier; a rule whose author chose a dash or a width keeps that alone.
 * @param rules of one series, in their order
 * @returns by the id of the rule
 */
export function cuesOf(rules: readonly ColourRuleDefinition[]): Map<string, Cue> {
  const cues = new Map<string, Cue>();
  const free = [...ofStrokes];
  const take = (wanted: Cue | undefined): Cue => {
    if (wanted) free.splice(free.indexOf(wanted), 1);
    return wanted ?? plainCue;
  };
  const strokes = rules.filter(({ effect }) => effect !== 'points');
  const off = strokes.find(({ condition }) => isOffMark(condition));
  if (off && isUnset(off)) cues.set(off.id, take(free[0]));
  let [onTaken, points] = [false, 0];
  for (const rule of rules) {
    if (cues.has(rule.id)) continue;
    if (rule.effect === 'points')
      cues.set(rule.id, { ...plainCue, marker: markers[points++ % markers.length] as Marker });
    else if (!isUnset(rule)) cues.set(rule.id, { ...plainCue, dash: rule.dash });
    else if (isOnMark(rule.condition) && !onTaken) {
      onTaken = true;
      cues.set(rule.id, plainCue);
    } else cues.set(rule.id, take(free[0]));
  }
  return cues;
}

const isUnset = ({ dash, width }: ColourRuleDefinition) => dash === null && width === null;
