import type { Reading } from '../../../core/reading';
import type { Inset, PlacedPanel } from '../panels';
import { type Lettering, pointOf, writingsOf } from './pointLabels';
import { markerRoom } from './sides';

export const noInset: Inset = { left: 0, right: 0, top: 0, bottom: 0 };

/** What labels take of a panel at most, on one side of it. */
const mostShare = { across: 0.4, down: 0.7 };

/**
 * The room that labels need between what is drawn and the edges of their panels, so that each can stand
 * on its side of its point: the same in all panels, whose scales are drawn once.
 * @param placed the panels without any such room
 */
export function insetFor(
  reading: Reading,
  placed: readonly PlacedPanel[],
  lettering: Lettering,
): Inset {
  const needed = placed.flatMap((each) => {
    const { width, height, left, right, top, bottom } = each.geometry;
    const [across, down] = [width - left - right, height - top - bottom];
    return each.panel.standouts.flatMap((standout): Partial<Inset>[] => {
      const [writing] = writingsOf(standout, lettering);
      if (!writing) return [];
      const { x, y } = pointOf(reading, each, standout);
      const away = markerRoom + 3;
      const wide = away + writing.width;
      const high = away + writing.height;
      return [
        {
          above: { top: lacking(high, y - top, down) },
          below: { bottom: lacking(high, top + down - y, down) },
          left: { left: lacking(wide, x - left, across) },
          right: { right: lacking(wide, left + across - x, across) },
        }[standout.side],
      ];
    });
  });
  return within(
    Object.fromEntries(
      (['left', 'right', 'top', 'bottom'] as const).map((side) => [
        side,
        Math.max(0, ...needed.map((each) => each[side] ?? 0)),
      ]),
    ) as unknown as Inset,
    placed,
  );
}

/** What is added to a room so that a label fits: adding it moves the point away from the edge too. */
function lacking(wanted: number, has: number, all: number): number {
  if (has >= wanted) return 0;
  return (wanted - has) / (1 - Math.max(0, has) / all);
}

/**
 * More of a room on the sides on which labels were left out.
 * @param sides the sides of their points on which those stand
 */
export function widened(
  inset: Inset,
  placed: readonly PlacedPanel[],
  sides: ReadonlySet<string>,
  { size }: Pick<Lettering, 'size'>,
): Inset {
  const more = (side: string, by: number) => (sides.has(side) ? by : 0);
  return within(
    {
      left: inset.left + more('left', 5 * size),
      right: inset.right + more('right', 5 * size),
      top: inset.top + more('above', 1.6 * size),
      bottom: inset.bottom + more('below', 1.6 * size),
    },
    placed,
  );
}

function within(inset: Inset, placed: readonly PlacedPanel[]): Inset {
  const across = Math.min(
    ...placed.map(({ geometry: { width, left, right } }) => width - left - right),
  );
  const down = Math.min(
    ...placed.map(({ geometry: { height, top, bottom } }) => height - top - bottom),
  );
  const most = { across: across * mostShare.across, down: down * mostShare.down };
  return {
    left: Math.min(inset.left, most.across),
    right: Math.min(inset.right, most.across),
    top: Math.min(inset.top, most.down),
    bottom: Math.min(inset.bottom, most.down),
  };
}
