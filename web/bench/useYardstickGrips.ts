import { useMemo } from 'react';
import { formatDay, parseDay } from '../../core/calendar';
import type { ChartDefinition, StyledYardstick } from '../../core/chart';
import type { YardstickGrip } from '../plot';
import { useChange } from './useBench';

/** A value or a date of a yardstick, without the hand that moves it. */
interface Movable extends Pick<YardstickGrip, 'scale' | 'at' | 'name'> {
  part: string;
  moved: (to: number) => StyledYardstick;
}

/** What of a yardstick is a number or a date of its own, rather than found. */
function movableOf(yardstick: StyledYardstick): Movable[] {
  if (yardstick.kind === 'dates')
    return (['from', 'to'] as const).flatMap((part): Movable[] => {
      const at = parseDay(yardstick[part] ?? '');
      const name = yardstick.to === null ? yardstick.name : `${yardstick.name}, ${part}`;
      const moved = (to: number) => ({ ...yardstick, [part]: formatDay(to) });
      return at === null ? [] : [{ scale: 'tape', part, at, name, moved }];
    });
  if (yardstick.kind !== 'line' && yardstick.kind !== 'band') return [];
  const edges =
    yardstick.kind === 'line'
      ? [['value', yardstick.value] as const]
      : [['from', yardstick.from] as const, ['to', yardstick.to] as const];
  return edges.flatMap(([part, edge]): Movable[] => {
    if (edge.kind !== 'number') return [];
    const name = part === 'value' ? yardstick.name : `${yardstick.name}, ${part}`;
    const moved = (number: number) =>
      ({ ...yardstick, [part]: { kind: 'number', number } }) as StyledYardstick;
    return [{ scale: 'staff', part, at: edge.number, name, moved }];
  });
}

/** The levels and dates of a chart's yardsticks that can be moved by hand. */
export function useYardstickGrips({ yardsticks }: Pick<ChartDefinition, 'yardsticks'>) {
  const change = useChange();
  return useMemo(
    () =>
      yardsticks.flatMap((yardstick) =>
        movableOf(yardstick).map(({ part, moved, ...grip }): YardstickGrip => ({
          ...grip,
          key: `${yardstick.id} ${part}`,
          yardstick: yardstick.id,
          onMove: (to) =>
            change((before) => ({
              ...before,
              yardsticks: before.yardsticks.map((each) =>
                each.id === yardstick.id ? moved(to) : each,
              ),
            })),
        })),
      ),
    [yardsticks, change],
  );
}
