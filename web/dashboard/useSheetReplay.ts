import { useState } from 'react';
import type { DrawnChart } from '../../core/chart';
import type { Reading } from '../../core/reading';
import { useReplay } from '../plot';

/** The replay of a chart on its sheet: begun when it is asked for, where its author offers it. */
export function useSheetReplay(reading: Reading | null, { replay: offer }: DrawnChart) {
  const replay = useReplay((reading?.positions.length ?? 1) - 1, offer?.seconds);
  const [isOpen, setOpen] = useState(false);
  const offered =
    reading !== null &&
    reading.axis !== 'ends' &&
    reading.positions.length > 2 &&
    offer?.offered !== false;
  return {
    running: offered && isOpen ? replay : null,
    begin:
      offered && !isOpen
        ? () => {
            setOpen(true);
            replay.seek(0);
            replay.play();
          }
        : null,
    end: () => {
      replay.pause();
      setOpen(false);
    },
  };
}
