import { type MouseEvent, useState } from 'react';
import { axisFormat, writeDay, writeFigure } from '../../core/labels';
import type { Reading } from '../../core/reading';
import { dayAt, type Drawing, type DrawnPanel, plotBottom, roundOn, toY } from '../picture';

interface ScaleHandlesProps {
  reading: Reading;
  drawing: Drawing;
  /** a value was pressed on the staff */
  onStaff: (value: number) => void;
  /** a day was pressed on the tape */
  onTape: (day: number) => void;
}

/** How far beside the plot the scales are taken hold of, in pixels. */
const reach = 24;

/**
 * The staff and the tape as handles: pressing the one sets a yardstick at a value, pressing the other
 * one at a date. By keyboard the same is added from the list.
 */
export function ScaleHandles({ drawing, ...props }: ScaleHandlesProps) {
  return drawing.panels.map((placed) => (
    <PanelHandles key={placed.number} placed={placed} {...props} />
  ));
}

interface PanelHandlesProps extends Omit<ScaleHandlesProps, 'drawing'> {
  placed: DrawnPanel;
}

/** What would be set where the pointer is, and where it says so. */
interface Hovered {
  left: number;
  top: number;
  text: string;
}

function PanelHandles({ placed, reading, onStaff, onTape }: PanelHandlesProps) {
  const [hovered, setHovered] = useState<Hovered | null>(null);
  const { geometry, panel } = placed;
  const { left, right, width } = geometry;
  const [top, bottom] = [toY(geometry, panel.axis.to), toY(geometry, panel.axis.from)];
  const format = axisFormat(panel.axis, reading.format);
  const within = (event: MouseEvent<HTMLElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    return { x: event.clientX - box.left, y: event.clientY - box.top };
  };
  const valueAt = (event: MouseEvent<HTMLElement>) =>
    roundOn(panel.axis, within(event).y / (bottom - top));
  const dateAt = (event: MouseEvent<HTMLElement>) =>
    Math.floor(dayAt(geometry, left + within(event).x));
  return (
    <>
      {placed.valued && (
        <div
          className="scale-handle"
          aria-hidden="true"
          style={{ left: left - reach, width: reach, top, height: bottom - top }}
          onPointerMove={(event) =>
            setHovered({
              left: left + 4,
              top: top + within(event).y - 9,
              text: `a new line at ${writeFigure(valueAt(event), { ...format, decimals: format.decimals + 1 })}`,
            })
          }
          onPointerLeave={() => setHovered(null)}
          onClick={(event) => {
            event.stopPropagation();
            onStaff(valueAt(event));
          }}
        />
      )}
      {placed.taped && reading.axis === 'calendar' && (
        <div
          className="scale-handle"
          aria-hidden="true"
          style={{
            left,
            width: width - left - right,
            top: plotBottom(geometry),
            height: reach / 2 + 4,
          }}
          onPointerMove={(event) =>
            setHovered({
              left: left + within(event).x + 6,
              top: plotBottom(geometry) - 20,
              text: `a new line at ${writeDay(dateAt(event), reading.look.periods.dates)}`,
            })
          }
          onPointerLeave={() => setHovered(null)}
          onClick={(event) => {
            event.stopPropagation();
            onTape(dateAt(event));
          }}
        />
      )}
      {hovered && (
        <span className="value-chip" style={{ left: hovered.left, top: hovered.top }}>
          {hovered.text}
        </span>
      )}
    </>
  );
}
