import type { DrawnChart } from '../chart';
import { strokePieces } from '../rules';
import type { AxisPeriod, SeriesLine } from '../series';
import type { Yardstick } from '../yardsticks';
import { compareLine } from './compare';
import type { ReadSeries } from './reading';
import { ruleFor } from './rules';

/** Reads each line: how it stands against its mark, and the strokes it is drawn with. */
export function readSeries(
  chart: DrawnChart,
  lines: readonly SeriesLine[],
  yardsticks: readonly Yardstick[],
  axis: readonly AxisPeriod[],
): ReadSeries[] {
  const x = axis.map(({ middle }) => middle);
  const open = axis.map((period) => period.open);
  return lines.map((line) => {
    const { definition, ...rest } = line;
    const compared = compareLine(line, lines, yardsticks, axis);
    const rules = {
      on: ruleFor(chart.colourRules, definition.id, 'on'),
      off: ruleFor(chart.colourRules, definition.id, 'off'),
    };
    const colours = {
      on: rules.on?.colour ?? line.stroke.colour,
      off: rules.off?.colour ?? line.stroke.colour,
    };
    // Only what an actual has not finished yet is lighter: a budget is as sure ahead as behind.
    const openHere = line.role === 'actual' ? open : [];
    const held = compared && { differences: compared.differences, good: compared.good };
    // Beside colours that judge, what is not judged wears none of them.
    const ruled = chart.colourRules.some((rule) => compared && rule.series === definition.id);
    const unjudged = ruled ? 'ink' : line.stroke.colour;
    const pieces = strokePieces(x, line.figures, openHere, held);
    const last = line.figures.findLastIndex((figure) => figure !== null);
    return {
      ...rest,
      definitionId: definition.id,
      comparison: compared && {
        ...compared,
        caughtBy: compared.judgements.map((each) => (each && rules[each]?.id) ?? null),
      },
      pieces: pieces.map(({ judgement, open: isOpen, x: along, y }) => ({
        judgement,
        open: isOpen,
        x: along,
        y,
        colour: judgement === null ? unjudged : colours[judgement],
      })),
      last: last < 0 ? null : last,
    };
  });
}
