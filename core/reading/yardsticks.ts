import { plainLook, type StyledYardstick } from '../chart';
import { type FigureFormat, fillSlots, writeDay, writeFigure } from '../labels';
import type { Yardstick } from '../yardsticks';
import type { ReadLook, ReadYardstick } from './reading';

/** Gives a yardstick its look, and its label what the slots ask for. */
export function lookAt(
  found: Yardstick,
  definition: StyledYardstick | undefined,
  format: FigureFormat,
  { dates }: ReadLook['periods'],
): ReadYardstick {
  const look = definition?.look ?? plainLook;
  const { name, value, days } = found;
  const [day] = days;
  const values = new Map([
    ['name', name],
    ['value', value === null ? '' : writeFigure(value, format)],
    ['date', day === undefined ? '' : writeDay(day, dates)],
  ]);
  const label = look.label.at === 'none' ? '' : fillSlots(look.label.text, values).trim();
  return { ...found, look, label };
}
