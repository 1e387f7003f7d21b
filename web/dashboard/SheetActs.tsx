import type { ReactNode } from 'react';
import type { useSheetReplay } from './useSheetReplay';
import type { useZoom } from './useZoom';
import { Act } from '../hands';

interface SheetActsProps {
  /** null until there are any */
  onFigures: (() => void) | null;
  /** writes a note on the whole chart; missing for those who may not */
  onNote?: () => void;
  zoom: ReturnType<typeof useZoom>;
  replay: ReturnType<typeof useSheetReplay>;
  /** what else can be done with the chart */
  more: ReactNode;
}

/** What a reader can do with a chart on its sheet. */
export function SheetActs({ onFigures, onNote, zoom, replay, more }: SheetActsProps) {
  return (
    <div className="chart-acts">
      <Act onClick={onFigures ?? undefined} disabled={onFigures === null}>
        Figures
      </Act>
      {zoom.toggle && (
        <Act aria-pressed={zoom.isOpen} onClick={zoom.toggle}>
          Closer
        </Act>
      )}
      {replay.begin && <Act onClick={replay.begin}>Replay</Act>}
      {onNote && <Act onClick={onNote}>Note</Act>}
      {more}
    </div>
  );
}
