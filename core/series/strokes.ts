import type { ArrangementKind } from '../arrangements';
import { type BoardStyle, type Colour, palettes, type Stroke, strokeOfRole } from '../chart';
import type { SeriesLine } from './series';

/** The latest of several years is drawn in ink; earlier ones in turn, each thinner than it. */
const ofAge = { latest: 2.6, earlier: 1.4 };

/**
 * The stroke of each line: what its author chose, else what its role gives, in the colours in which
 * the arrangement tells lines apart.
 * @param lines all lines of the chart, over all panels
 */
export function strokesOf(
  lines: readonly SeriesLine[],
  coloursBy: ArrangementKind<{ kind: string }>['coloursBy'],
  style: BoardStyle,
): Map<SeriesLine, Stroke> {
  return new Map(
    lines.map((line) => {
      const { colour, dash, width, place } = line.definition.stroke;
      const word = coloursBy === 'series' ? 0 : line.word;
      const own = strokeOfRole(line.role, place + word, style);
      const { alike = false } = line.definition.split ?? {};
      const split = line.split && coloursBy !== 'series';
      const told = split && !alike ? null : colour;
      const usual = line.others || (split && alike) ? 'grey' : own.colour;
      const chosen = {
        colour: split && line.inInk ? 'ink' : (told ?? usual),
        dash: dash ?? own.dash,
        width: width ?? own.width,
      } as const;
      if (line.greyed) return [line, { ...chosen, ...greyed }];
      return [line, coloursBy === 'age' && !line.plan ? aged(chosen, line, style) : chosen];
    }),
  );
}

/** Lines that a filter leaves for context. */
const greyed = { colour: 'grey', width: 1 } as const;

function aged(stroke: Stroke, { age }: SeriesLine, style: BoardStyle): Stroke {
  const palette: readonly Colour[] = palettes[style.palette];
  if (age === null || age === 0) return { ...stroke, colour: 'ink', width: ofAge.latest };
  const colour = palette[(age - 1) % palette.length] as Colour;
  return { ...stroke, colour, width: ofAge.earlier };
}
