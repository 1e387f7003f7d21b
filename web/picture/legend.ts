import type { Colour, Stroke, YardstickLook } from '../../core/chart';
import { writeFigure } from '../../core/labels';
import { coloursWorn, linesOf, type Reading } from '../../core/reading';
import { textSizes } from './textSizes';
import { letteredIn, page } from '../look';
import type { Measure } from './geometry';
import { letteredAs } from './letteredAs';

/** An entry of the legend above a picture: a series with its own stroke, or a yardstick. */
export interface LegendEntry {
  /** the series it highlights; null for a yardstick */
  series: string | null;
  text: string;
  stroke: Stroke;
  /** the colours that its rules give, in their order */
  rules: Colour[];
  /** the shade of its words, which are then bold; null: ink */
  lettered: string | null;
  left: number;
  width: number;
  top: number;
}

/** Entries are pressed: WCAG 2.2 asks for targets of 24 pixels. */
export const legendRow = 24;
const sampleWidth = 48;
const apart = 14;

/** A legend takes no more than this share of its picture. */
const mostOfHeight = 0.35;

/**
 * Lays the legend out above the panels, each series once, in as many rows as it takes and as there is
 * room for.
 */
export function layLegend(
  reading: Reading,
  { width, height }: { width: number; height: number },
  measure: Measure,
): { entries: LegendEntry[]; height: number; leftOut: number } {
  const named = namedIn(reading);
  let [left, row] = [0, 0];
  const size = textSizes(reading.look, false).name;
  const all = named.map((entry): LegendEntry => {
    const weight = entry.lettered ? 700 : 600;
    const own = Math.ceil(measure(entry.text, size, weight)) + sampleWidth;
    if (left > 0 && left + own > width) [left, row] = [0, row + 1];
    const placed = { ...entry, left, width: own, top: row * legendRow };
    left += own + apart;
    return placed;
  });
  const rows = Math.max(1, Math.floor((mostOfHeight * height) / legendRow));
  // One that is wider than the picture gives way whole.
  const entries = all.filter((each) => each.top < rows * legendRow && each.width <= width);
  const laid = Math.min(row + 1, rows);
  return {
    entries,
    height: entries.length === 0 ? 0 : laid * legendRow + 4,
    leftOut: all.length - entries.length,
  };
}

type Named = Pick<LegendEntry, 'series' | 'text' | 'stroke' | 'rules' | 'lettered'>;

/** A yardstick's stroke; without a colour of its own it wears the accent, which is nearest to teal. */
const strokeOfLook = ({ colour, dash, width }: YardstickLook): Stroke => ({
  colour: colour ?? 'teal',
  dash,
  width,
});

function namedIn({ look, ...reading }: Reading): Named[] {
  if (look.names.as !== 'legend') return [];
  const isLettered = look.names.lettered ?? false;
  const panels = reading.panels.length > 1;
  const caught = reading.rules.filter((rule) => rule.caught > 0);
  const lines = linesOf(reading).map((line) => ({
    series: line.id,
    stroke: line.stroke,
    rules: coloursWorn(line, reading),
    lettered: isLettered ? letteredAs(line) : null,
    text: panels ? line.seriesName : line.name,
  }));
  const once = new Map(lines.map((line) => [`${line.text} ${JSON.stringify(line.stroke)}`, line]));
  const held = look.names.yardsticks ? (reading.panels[0]?.yardsticks ?? []) : [];
  const yardsticks = held.flatMap(({ kind, name, value, look, second }): Named[] => {
    if (!['line', 'band', 'between'].includes(kind)) return [];
    const format = second ? reading.secondFormat : reading.format;
    const text = value === null || panels ? name : `${name} ${writeFigure(value, format)}`;
    const lettered = isLettered ? (look.colour ? letteredIn(look.colour) : page.accent) : null;
    return [{ series: null, text, rules: [], stroke: strokeOfLook(look), lettered }];
  });
  const own = (series: string) =>
    linesOf(reading).find(({ seriesId }) => seriesId === series)?.stroke.colour ?? 'ink';
  const rules = caught.map(({ name, series, colour, cue, dash, width }): Named => ({
    series: null,
    text: name,
    rules: [],
    lettered: isLettered ? letteredIn(colour ?? own(series)) : null,
    // As on the line, with what tells it apart beside its colour.
    stroke: {
      colour: colour ?? own(series),
      dash: dash ?? cue.dash ?? 'solid',
      width: width ?? (cue.heavier ? 3.5 : 2.4),
    },
  }));
  return [...once.values(), ...rules, ...yardsticks];
}
