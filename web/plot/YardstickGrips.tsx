import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react';
import { axisFormat, writeDay, writeFigure } from '../../core/labels';
import type { Reading } from '../../core/reading';
import {
  dayAt,
  type Drawing,
  type DrawnPanel,
  geometryOn,
  plotBottom,
  roundOn,
  toX,
  toY,
} from '../picture';

/** A value or a date of a yardstick that can be moved by hand. */
export interface YardstickGrip {
  key: string;
  /** the id of its yardstick */
  yardstick: string;
  name: string;
  scale: 'staff' | 'tape';
  /** the value, or the day */
  at: number;
  onMove: (at: number) => void;
}

interface YardstickGripsProps {
  reading: Reading;
  drawing: Drawing;
  grips: readonly YardstickGrip[];
}

/** What of the yardsticks is taken hold of in the picture: levels along the staff, dates along the tape. */
export function YardstickGrips({ reading, drawing, grips }: YardstickGripsProps) {
  const [placed] = drawing.panels;
  if (!placed) return null;
  return grips
    .filter(({ scale }) => (scale === 'staff' ? placed.valued : placed.taped))
    .filter(({ scale }) => scale === 'staff' || reading.axis === 'calendar')
    .map((grip) => <Grip key={grip.key} {...{ reading, placed, grip }} />);
}

/** Half of what a finger needs: WCAG 2.2 asks for targets of 24 pixels. */
const half = 12;

function Grip({
  reading,
  placed,
  grip,
}: {
  reading: Reading;
  placed: DrawnPanel;
  grip: YardstickGrip;
}) {
  const held = useRef(false);
  const [moved, setMoved] = useState<number | null>(null);
  const second = placed.panel.yardsticks.some(({ id, second: is }) => id === grip.yardstick && is);
  const geometry = geometryOn(placed, second);
  const axis = (second && placed.panel.second) || placed.panel.axis;
  const onStaff = grip.scale === 'staff';
  const at = moved ?? grip.at;
  const [left, right] = [geometry.left, geometry.width - geometry.right];
  const [top, bottom] = [geometry.top, plotBottom(geometry)];
  const x = onStaff ? (second ? right : left) : toX(geometry, at + 0.5);
  const y = onStaff ? toY(geometry, at) : bottom;
  if (x < left - 1 || x > right + 1 || y < top - 1 || y > bottom + 1) return null;
  const format = second ? reading.secondFormat : reading.format;
  const text = onStaff
    ? writeFigure(at, { ...format, decimals: axisFormat(axis, format).decimals + 1 })
    : writeDay(at, reading.look.periods.dates);
  const pointedAt = ({ clientX, clientY, currentTarget }: PointerEvent<HTMLElement>) => {
    const box = currentTarget.parentElement?.getBoundingClientRect();
    if (!box) return at;
    const [highest, lowest] = [toY(geometry, axis.to), toY(geometry, axis.from)];
    if (onStaff) return roundOn(axis, (clientY - box.top - highest) / (lowest - highest));
    return Math.floor(dayAt(geometry, clientX - box.left));
  };
  const finish = () => {
    held.current = false;
    if (moved !== null && moved !== grip.at) grip.onMove(moved);
    setMoved(null);
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const more = onStaff ? 'ArrowUp' : 'ArrowRight';
    const less = onStaff ? 'ArrowDown' : 'ArrowLeft';
    if (event.key !== more && event.key !== less) return;
    const step = onStaff ? axis.step / 20 : 1;
    grip.onMove(Number((grip.at + (event.key === more ? step : -step)).toPrecision(12)));
    event.preventDefault();
    event.stopPropagation();
  };
  return (
    <>
      {moved !== null && (
        <div
          className="grip-line"
          aria-hidden="true"
          style={
            onStaff
              ? { left, top: y, width: right - left, height: 0 }
              : { left: x, top, width: 0, height: bottom - top }
          }
        />
      )}
      <div
        role="slider"
        tabIndex={0}
        className={`yardstick-grip ${grip.scale}`}
        aria-label={`Move ${grip.name}`}
        aria-valuenow={at}
        aria-valuetext={text}
        style={{ left: x - half, top: y - half, width: 2 * half, height: 2 * half }}
        onPointerDown={(event) => {
          event.stopPropagation();
          event.currentTarget.setPointerCapture(event.pointerId);
          held.current = true;
        }}
        onPointerMove={(event) => held.current && setMoved(pointedAt(event))}
        onPointerUp={finish}
        onPointerCancel={finish}
        onClick={(event) => event.stopPropagation()}
        onKeyDown={onKeyDown}
      />
      {moved !== null && (
        <span
          className="value-chip"
          aria-hidden="true"
          style={onStaff ? { left: left + 8, top: y - 24 } : { left: x + 6, top: bottom - 24 }}
        >
          {text}
        </span>
      )}
    </>
  );
}
