import type { ReactNode } from 'react';
import type { useSheetReplay } from './useSheetReplay';
import type { useZoom } from './useZoom';

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
      <button
        type="button"
        className="act"
        onClick={onFigures ?? undefined}
        disabled={onFigures === null}
      >
        Figures
      </button>
      {zoom.toggle && (
        <button type="button" className="act" aria-pressed={zoom.isOpen} onClick={zoom.toggle}>
          Closer
        </button>
      )}
      {replay.begin && (
        <button type="button" className="act" onClick={replay.begin}>
          Replay
        </button>
      )}
      {onNote && (
        <button type="button" className="act" onClick={onNote}>
          Note
        </button>
      )}
      {more}
    </div>
  );
}
