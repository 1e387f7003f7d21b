import type { AxisKind, Position } from '../arrangements';
import {
  type Colour,
  type DrawnChart,
  type Gradient,
  noPoints,
  type Shape,
  type Stroke,
} from '../chart';
import { gapKind } from '../gaps';
import { caughtFigures, countMet, strokePieces } from '../rules';
import type { SeriesLine } from '../series';
import type { Figures } from '../values';
import type { Yardstick } from '../yardsticks';
import { compareLine } from './compare';
import { shadedByDistance, shadedByValue, shadedPieces, type ShadeAt } from './gradient';
import type { Comparison, ReadPiece, ReadSeries } from './reading';
import type { ConditionsOf } from './conditions';
import { type Cue, cuesOf } from './cues';
import { readPace } from './pace';
import { rulesOf } from './rules';

/** The lines of a panel, and what they are read against. */
interface PanelLines {
  axis: AxisKind;
  shown: readonly SeriesLine[];
  /** hidden ones too: a mark need not be drawn */
  lines: readonly SeriesLine[];
  positions: readonly Position[];
  yardsticks: readonly Yardstick[];
  strokes: ReadonlyMap<SeriesLine, Stroke>;
  conditionsOf: ConditionsOf;
}

/** Reads each line: how it stands against its mark, and the strokes it is drawn with. */
export function readSeries(
  chart: DrawnChart,
  panel: PanelLines,
): Omit<ReadSeries, 'format' | 'called'>[] {
  return panel.shown.map((line) => {
    const { definition, ...rest } = line;
    const stroke = panel.strokes.get(line) as Stroke;
    const compared = line.greyed ? null : compareLine(line, panel.lines, panel.yardsticks);
    const held = { ...line, comparison: compared };
    const rules = line.greyed ? [] : rulesOf(chart, held, panel.conditionsOf);
    const along = rules.filter(({ rule }) => rule.effect !== 'points');
    const { points, filled } = definition.stroke;
    // Between two uprights there are no edges of periods, nor room for bars.
    const shape = panel.axis === 'ends' ? 'straight' : definition.stroke.shape;
    const bridges = gapKind(definition.gap).bridges;
    const openJudged = compared?.toDate?.place ?? null;
    const drawnAs = { ...line, positions: panel.positions, shape, bridges, openJudged };
    const ruleOf = new Map(rules.map(({ id, rule }) => [id, rule]));
    const cues = cuesOf(rules.map(({ rule }) => rule));
    // Beside colours that judge, what is not judged wears none of them.
    const judging = compared && rules.some(({ rule }) => rule.condition.kind === 'mark');
    const plain = { ...stroke, colour: judging ? ('ink' as const) : stroke.colour };
    const pieces = strokePieces(drawnAs, compared, along).map((piece): ReadPiece => {
      const rule = piece.rule === null ? undefined : ruleOf.get(piece.rule);
      const usual = piece.judgement === null ? plain : stroke;
      const fills = rule?.effect === 'fill' && compared;
      const cue = rule && cues.get(rule.id);
      // Spelled out: a literal is made much faster than what is spread, and there are thousands.
      return {
        judgement: piece.judgement,
        rule: piece.rule,
        open: piece.open,
        bridged: piece.bridged,
        x: piece.x,
        y: piece.y,
        colour: (!fills && rule?.colour) || unjudgedAt(piece, shape, usual.colour),
        dash: rule?.dash ?? cue?.dash ?? stroke.dash,
        width: rule?.width ?? stroke.width,
        heavier: piece.judgement === 'off' || (cue?.heavier ?? false),
        fillTo: fills ? between(piece.x, compared.marks, panel.positions) : null,
        fill: fills ? (rule.colour ?? stroke.colour) : null,
        shade: null,
      };
    });
    const { gradient = null } = definition.stroke;
    const shadeAt = gradient && shadesOf(gradient, line, compared, panel);
    const last = line.figures.findLastIndex((figure) => figure !== null);
    const caughtBy = caughtFigures(drawnAs, rules);
    return {
      ...rest,
      // Lines that a filter leaves for context have no points that would draw the eye.
      points: line.greyed ? noPoints : points,
      // Single readings stand on days of the calendar.
      readings: panel.axis === 'calendar' ? line.readings : null,
      stroke,
      shape,
      filled,
      gradient,
      second: definition.valueAxis === 'second',
      comparison: compared,
      caughtBy,
      pace: compared && readPace(chart, line, compared, panel.positions, compared.markAdds),
      paceDrawn: definition.mark?.pace ?? false,
      met: new Map(rules.map((rule) => [rule.id, countMet(drawnAs, rule)])),
      ...pointsCaught(drawnAs, rules, cues),
      pieces: [
        ...joining(line, panel.positions).map((piece) => ({
          ...piece,
          ...stroke,
          fillTo: null,
          fill: null,
          shade: null,
          heavier: false,
        })),
        ...(shadeAt ? pieces.flatMap((piece) => shadedPieces(piece, shadeAt)) : pieces),
      ],
      last: last < 0 ? null : last,
    };
  });
}

/** How a line is shaded; null where it is not held against what it is to be shaded by. */
function shadesOf(
  gradient: Gradient,
  { open }: SeriesLine,
  compared: Comparison | null,
  { shown, positions }: PanelLines,
): ShadeAt | null {
  if (gradient === 'value') return shadedByValue(shown.filter(({ greyed }) => !greyed));
  return compared && shadedByDistance(compared.differences, open, positions);
}

/** By place: the colour and form that the first rule for points alone gives there. */
function pointsCaught(
  line: Parameters<typeof caughtFigures>[0],
  rules: ReturnType<typeof rulesOf>,
  cues: ReadonlyMap<string, Cue>,
): Pick<ReadSeries, 'pointColours' | 'pointMarkers'> {
  const ofPoints = rules.filter(({ rule }) => rule.effect === 'points');
  if (ofPoints.length === 0) return { pointColours: [], pointMarkers: [] };
  const caught = caughtFigures(line, ofPoints);
  return {
    pointColours: caught.map((id) => ofPoints.find((each) => each.id === id)?.rule.colour ?? null),
    pointMarkers: caught.map((id) => (id === null ? null : (cues.get(id)?.marker ?? null))),
  };
}

/** What a line is measured against at places along it: straight from mark to mark. */
function between(
  x: readonly number[],
  marks: Figures,
  positions: readonly Position[],
): number[] | null {
  let place = 0;
  const found = x.map((at) => {
    while (place + 2 < positions.length && (positions[place + 1]?.middle ?? Infinity) < at)
      place += 1;
    const [one, two] = [positions[place], positions[place + 1]];
    const [before, after] = [marks[place] ?? null, marks[place + 1] ?? null];
    if (!one || at === one.middle) return before;
    if (!two || at === two.middle) return after;
    if (before === null || after === null) return null;
    return before + ((at - one.middle) / (two.middle - one.middle)) * (after - before);
  });
  return found.includes(null) ? null : (found as number[]);
}

/** What is not judged wears the line's colour; bars below zero tell their sign by another one. */
const unjudgedAt = ({ y }: { y: readonly number[] }, shape: Shape, colour: Colour): Colour =>
  shape === 'bars' && (y[0] ?? 0) < 0 ? 'brick' : colour;

/** The stroke from where another line ended to this one's first figure; it carries no figure. */
function joining({ joins, figures, definition }: SeriesLine, positions: readonly Position[]) {
  const first = figures.findIndex((figure) => figure !== null);
  if (!joins || first < 0 || definition.stroke.shape === 'bars') return [];
  const at = (place: number) => positions[place]?.middle ?? NaN;
  return [
    {
      judgement: null,
      rule: null,
      open: false,
      bridged: false,
      x: [at(joins.place), at(first)],
      y: [joins.figure, figures[first] as number],
    },
  ];
}
