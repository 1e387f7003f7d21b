import { plainLook, type StyledYardstick } from '../chart';
import { type FigureFormat, fillSlots, writeDay, writeFigure } from '../labels';
import { standsOften, type Yardstick } from '../yardsticks';
import type { ReadLook, ReadYardstick } from './reading';

/** What stands often is quieter than what stands once. */
const hairline = { ...plainLook, colour: 'grey', width: 0.8 } as const;

/** The values at which bands begin and end; those that change from position to position have none. */
const bandEdges = ({ bands, filledBetween }: Yardstick): number[] =>
  filledBetween ? [] : bands.flatMap(({ from, to }) => [from, to]).filter(Number.isFinite);

/** Gives a yardstick its look, and its label what the slots ask for. */
export function lookAt(
  found: Yardstick,
  definition: StyledYardstick | undefined,
  format: FigureFormat,
  { dates }: ReadLook['periods'],
): ReadYardstick {
  const often = definition !== undefined && standsOften(definition);
  const look = definition?.look ?? (often ? hairline : plainLook);
  const { name, value, days } = found;
  const [day] = days;
  const written = (called: string, at: number | undefined) =>
    fillSlots(
      look.label.text,
      new Map([
        ['name', called],
        ['value', value === null ? '' : writeFigure(value, format)],
        ['date', found.place ?? (at === undefined ? '' : writeDay(at, dates))],
      ]),
    ).trim();
  const unnamed = often && look.label.text === plainLook.label.text;
  const label = look.label.at === 'none' || unnamed ? '' : written(name, day);
  // Dates that have names of their own say themselves in the same form.
  const names = found.names?.map((called, at) => written(called, days[at]));
  const edges = look.label.edges ? [...new Set(bandEdges(found))] : [];
  const edgeLabels = edges.map((edge) => ({ value: edge, text: writeFigure(edge, format) }));
  return { ...found, ...(names && { names }), look, label, edgeLabels };
}
