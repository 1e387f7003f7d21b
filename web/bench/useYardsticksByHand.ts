import { useMemo } from 'react';
import { formatDay } from '../../core/calendar';
import { freshId } from '../../core/editing';
import type { YardstickDefinition } from '../../core/yardsticks';
import { useChange } from './useBench';

/** Sets a line where the staff is pressed, and a date line where the tape is. */
export function useYardsticksByHand() {
  const change = useChange();
  return useMemo(() => {
    const put = (yardstick: YardstickDefinition) =>
      change((before) => {
        const id = freshId(
          yardstick.kind,
          before.yardsticks.map((each) => each.id),
        );
        return { ...before, yardsticks: [...before.yardsticks, { ...yardstick, id }] };
      });
    return {
      staff: (number: number) =>
        put({
          id: '',
          kind: 'line',
          name: 'Level',
          shading: 'none',
          onAxis: true,
          value: { kind: 'number', number },
        }),
      tape: (day: number) =>
        put({ id: '', kind: 'dates', name: 'Date', from: formatDay(day), to: null }),
    };
  }, [change]);
}
