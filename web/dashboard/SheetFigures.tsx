import { useState } from 'react';
import type { Reading } from '../../core/reading';
import { SidePanel } from '../look';
import { type FigureAsked, FiguresTable, type Highlight, InWords, RowsBehindPanel } from '../plot';

interface SheetFiguresProps {
  chartId: number;
  reading: Reading;
  highlight: Highlight;
  /** whoever looks may know where figures come from */
  mayAsk: boolean;
  onClose: () => void;
}

/** The chart in words and figures, and the rows behind one of them. */
export function SheetFigures({ chartId, reading, highlight, mayAsk, onClose }: SheetFiguresProps) {
  const [asked, setAsked] = useState<FigureAsked | null>(null);
  return (
    <>
      <SidePanel title={`Figures of ${reading.title}`} onClose={onClose}>
        <InWords reading={reading} />
        <FiguresTable {...{ reading, highlight }} onAsk={mayAsk ? setAsked : undefined} />
      </SidePanel>
      {asked && <RowsBehindPanel {...{ chartId, reading, asked }} onClose={() => setAsked(null)} />}
    </>
  );
}
