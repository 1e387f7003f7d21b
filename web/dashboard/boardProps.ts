import type { ReactNode } from 'react';
import type { GridPlace, PlacedChart } from '../../contract';

export interface BoardProps {
  charts: readonly PlacedChart[];
  /** Settles once the server has what was moved, or has refused it. */
  onArrange: (places: { chartId: number; place: GridPlace }[]) => Promise<void>;
  children: (chart: PlacedChart) => ReactNode;
}
