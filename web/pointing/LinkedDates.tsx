import type { Day } from '../../core/calendar';
import type { PeekLine } from '../../core/chart';
import { fillSlots, writeDay } from '../../core/labels';
import { letteredIn, page } from '../look';
import type { Reading } from '../../core/reading';
import { PanelLine, valuedAt } from './Crosshair';
import { type Drawing, type Highlight, placeOf, toX } from '../picture';
import { type Linked, usePointedElsewhere } from './pointing';
import { ValueChips } from './ValueChips';

interface LinkedDatesProps {
  reading: Reading;
  drawing: Drawing;
  highlight: Highlight;
  linked: Linked;
}

/** The dates that are held on the dashboard, the period that is highlighted, and the one pointed at. */
export function LinkedDates(props: LinkedDatesProps) {
  const { reading, linked } = props;
  // Two dates of one longer period stand there once.
  const places = [...new Set(linked.held.flatMap((day) => placeOf(reading, day) ?? []))];
  const lit = linked.lit === null ? null : placeOf(reading, linked.lit);
  const isLitAlone = lit !== null && !places.includes(lit);
  const elsewhere = usePointedElsewhere(linked);
  const pointed = elsewhere === null ? null : placeOf(reading, elsewhere);
  return (
    <>
      {places.map((period) => (
        <DateLine key={period} {...props} {...{ period }} held />
      ))}
      {isLitAlone && <DateLine {...props} period={lit} held={false} />}
      {pointed !== null && pointed !== lit && !places.includes(pointed) && (
        <DateLine
          {...props}
          period={pointed}
          held={false}
          look={linked.look}
          day={elsewhere ?? undefined}
        />
      )}
    </>
  );
}

/** What is written at the line of a date. */
const sayAt = ({ label, dates }: PeekLine, period: string, day: Day | undefined) =>
  fillSlots(label, new Map([['date', dates && day !== undefined ? writeDay(day, dates) : period]]));

interface DateLineProps extends LinkedDatesProps {
  period: number;
  /** it is held, and not only pointed at */
  held: boolean;
  /** how its line is drawn, and what is written at it; missing: as usual */
  look?: PeekLine;
  /** the day that is pointed at; missing: its period says itself */
  day?: Day;
}

/** A line at a date through all panels; where no read-out stands beside it, with its values. */
function DateLine(props: DateLineProps) {
  const { reading, drawing, highlight, linked, period, held, look, day } = props;
  const [first] = drawing.panels;
  const here = reading.positions[period];
  if (!first || !here) return null;
  const { width, height } = first.geometry;
  return (
    <div aria-hidden="true">
      <svg className="crosshair" width={width} height={height}>
        {drawing.panels.map((placed) => (
          <PanelLine
            key={placed.number}
            {...{ reading, placed, period, highlight, nearest: null }}
            {...{ held, look }}
          />
        ))}
      </svg>
      {linked.valued &&
        drawing.panels.map((placed) => (
          <ValueChips
            key={placed.number}
            {...{ reading, placed, period, highlight }}
            valued={valuedAt(placed.panel.series, period)}
          />
        ))}
      {look && look.label !== '' && (
        <span
          className={`peek-date ${look.at}`}
          style={{
            left: toX(first.geometry, here.middle),
            top: first.geometry.top,
            color: look.colour ? letteredIn(look.colour) : page.ink,
          }}
        >
          {sayAt(look, here.label, day)}
        </span>
      )}
    </div>
  );
}
