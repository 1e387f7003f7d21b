import type { Position } from '../arrangements';
import type { DrawnChart, Stroke } from '../chart';
import { gapKind } from '../gaps';
import { strokePieces } from '../rules';
import type { SeriesLine } from '../series';
import type { Yardstick } from '../yardsticks';
import { compareLine } from './compare';
import type { ReadSeries } from './reading';
import { ruleFor } from './rules';

/** The lines of a panel, and what they are read against. */
interface PanelLines {
  shown: readonly SeriesLine[];
  /** hidden ones too: a mark need not be drawn */
  lines: readonly SeriesLine[];
  positions: readonly Position[];
  yardsticks: readonly Yardstick[];
  strokes: ReadonlyMap<SeriesLine, Stroke>;
}

/** Reads each line: how it stands against its mark, and the strokes it is drawn with. */
export function readSeries(chart: DrawnChart, panel: PanelLines): ReadSeries[] {
  return panel.shown.map((line) => {
    const { definition, ...rest } = line;
    const stroke = panel.strokes.get(line) as Stroke;
    const compared = compareLine(line, panel.lines, panel.yardsticks);
    const rules = {
      on: ruleFor(chart.colourRules, definition.id, 'on'),
      off: ruleFor(chart.colourRules, definition.id, 'off'),
    };
    const colours = {
      on: rules.on?.colour ?? stroke.colour,
      off: rules.off?.colour ?? stroke.colour,
    };
    const held = compared && {
      differences: compared.differences,
      good: compared.good,
      edges: compared.edges,
    };
    // Beside colours that judge, what is not judged wears none of them.
    const ruled = chart.colourRules.some((rule) => compared && rule.series === definition.id);
    const unjudged = ruled ? 'ink' : stroke.colour;
    const { shape, points, filled } = definition.stroke;
    const bridges = gapKind(definition.gap).bridges;
    const pieces = strokePieces({ ...line, positions: panel.positions, shape, bridges }, held);
    const last = line.figures.findLastIndex((figure) => figure !== null);
    return {
      ...rest,
      ...{ stroke, points, filled },
      comparison: compared && {
        ...compared,
        caughtBy: compared.judgements.map((each) => (each && rules[each]?.id) ?? null),
      },
      pieces: [
        ...joining(line, panel.positions).map((piece) => ({ ...piece, colour: stroke.colour })),
        ...pieces.map((piece) => ({
          ...piece,
          colour: piece.judgement === null ? unjudged : colours[piece.judgement],
        })),
      ],
      last: last < 0 ? null : last,
    };
  });
}

/** The stroke from where another line ended to this one's first figure; it carries no figure. */
function joining({ joins, figures }: SeriesLine, positions: readonly Position[]) {
  const first = figures.findIndex((figure) => figure !== null);
  if (!joins || first < 0) return [];
  const at = (place: number) => positions[place]?.middle ?? NaN;
  return [
    {
      judgement: null,
      ...{ open: false, bridged: false },
      x: [at(joins.place), at(first)],
      y: [joins.figure, figures[first] as number],
    },
  ];
}
