import type { Note } from '../../contract';
import type { Reading } from '../../core/reading';
import {
  Crosshair,
  DatesBand,
  type Linked,
  LinkedDates,
  pickedStretch,
  type Pointed,
  type Stretch,
} from '../pointing';
import type { Drawing, Highlight } from '../picture';
import { EndLabels } from './EndLabels';
import { ScaleHandles } from './ScaleHandles';
import { type YardstickGrip, YardstickGrips } from './YardstickGrips';

interface ChartOverlayProps {
  reading: Reading;
  drawing: Drawing;
  highlight: Highlight;
  /** presses on the staff and the tape */
  onScale?: { staff: (value: number) => void; tape: (day: number) => void };
  grips?: readonly YardstickGrip[];
  linked?: Linked;
  /** the stretch of dates that is being dragged out */
  dragged: Stretch | null;
  pointedAt: number | null;
  at: Pointed | null;
  toggle: (series: string, more: boolean) => void;
  onOpenNote?: (note: Note) => void;
}

/** What lies over the picture: names, pennants, and the crosshair where something is pointed at. */
export function ChartOverlay(props: ChartOverlayProps) {
  const { at, pointedAt, toggle, onOpenNote, onScale, grips, linked, dragged, ...shared } = props;
  const { reading, drawing, highlight } = shared;
  const period = at?.period ?? pointedAt;
  const picked = linked?.narrowing && pickedStretch(reading, linked.narrowing);
  const stretch = dragged ?? picked;
  return (
    <>
      {onScale && (
        <ScaleHandles {...{ reading, drawing }} onStaff={onScale.staff} onTape={onScale.tape} />
      )}
      {grips && <YardstickGrips {...{ reading, drawing, grips }} />}
      <EndLabels {...{ reading, drawing, highlight, onOpenNote }} onToggle={toggle} />
      {stretch && <DatesBand {...{ reading, drawing, stretch }} />}
      {linked && <LinkedDates {...shared} linked={linked} />}
      {period !== null && reading.positions[period] && (
        <Crosshair {...shared} period={period} nearest={at?.series ?? null} />
      )}
    </>
  );
}
