import type { Day } from '../../core/calendar';
import type { PeekLine } from '../../core/chart';
import { fillSlots, writeDay } from '../../core/labels';
import { letteredIn, page } from '../look';
import { between, linesOf, type Reading, sayBetween } from '../../core/reading';
import { PanelLine, valuedAt } from './Crosshair';
import { type Drawing, type Highlight, placeOf, plotBottom, toX } from '../picture';
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
        <DateLine
          key={period}
          {...props}
          {...{ period, valued: true }}
          // Two dates stand apart, each at the outer side of its line.
          held={places.length < 2 ? 'alone' : period === Math.min(...places) ? 'first' : 'second'}
        />
      ))}
      {isLitAlone && <DateLine {...props} period={lit} held={null} valued />}
      {pointed !== null && pointed !== lit && !places.includes(pointed) && (
        // Beside held dates, whose values stand there, more values would cover them.
        <DateLine
          {...props}
          period={pointed}
          held={null}
          look={linked.look}
          day={elsewhere ?? undefined}
          valued={places.length === 0 && lit === null}
        />
      )}
    </>
  );
}

/**
 * What lies between two dates that are held, line by line; empty while there are not two.
 * @param held days, none to two
 */
export function sayHeld(reading: Reading, held: readonly Day[]): string {
  const places = held.flatMap((day) => placeOf(reading, day) ?? []).sort((a, b) => a - b);
  const [one, two] = places;
  if (one === undefined || two === undefined || one === two) return '';
  const changes = linesOf(reading).flatMap((line) => {
    const change = between(line, one, two);
    return change ? `${line.called} ${sayBetween(change, line)}` : [];
  });
  const dates = `${reading.positions[one]?.label} to ${reading.positions[two]?.label}`;
  return `${dates}: ${changes.join(', ') || 'no line has a figure at both'}`;
}

/** What is written at the line of a date. */
const sayAt = ({ label, dates }: PeekLine, period: string, day: Day | undefined) =>
  fillSlots(label, new Map([['date', dates && day !== undefined ? writeDay(day, dates) : period]]));

interface DateLineProps extends Omit<LinkedDatesProps, 'linked'> {
  period: number;
  /** null: it is only pointed at */
  held: 'alone' | 'first' | 'second' | null;
  /** values are written beside the points */
  valued: boolean;
  /** how its line is drawn, and what is written at it; missing: as usual */
  look?: PeekLine;
  /** the day that is pointed at; missing: its period says itself */
  day?: Day;
}

/** A line at a date through all panels, with each series' value in its own colour. */
function DateLine(props: DateLineProps) {
  const { reading, drawing, highlight, period, held, valued, look, day } = props;
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
            held={held !== null}
            look={look}
          />
        ))}
      </svg>
      {valued &&
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
      {held && (
        <span
          className={`held-date ${held}`}
          style={{ left: toX(first.geometry, here.middle), top: plotBottom(first.geometry) + 3 }}
        >
          {here.label}
        </span>
      )}
    </div>
  );
}
