import './readOut.css';
import { memo, type RefObject, useEffect, useLayoutEffect, useMemo, useRef, useState } from 'react';
import type { Day } from '../../core/calendar';
import type { Colour } from '../../core/chart';
import {
  coloursWorn,
  readBetween,
  readOutAt,
  type Reading,
  type ReadOut,
  type ReadOutRow,
  type ReadSeries,
  sayInOne,
} from '../../core/reading';
import type { MenuItem } from '../hands';
import { letteredIn, StrokeSample } from '../look';
import { colourAt, type Highlight, isAway, isLit, placeOf } from '../picture';
import type { ChartAct, PointedChart } from './chartActs';
import { PointedActs } from './PointedActs';
import { type PointedHere, usePointedHere } from './pointedHere';
import type { Linked } from './pointing';

interface ReadOutStripProps extends Omit<PointedChart, 'at' | 'reading'> {
  /** null: there is nothing to be read yet, and its room is kept */
  reading: Reading | null;
  pointer: PointedHere;
  /** what can be done with the whole chart, where there is no room for it above */
  more?: readonly MenuItem[];
  /** the list of it is about to be read */
  onMore?: () => void;
}

/**
 * What a chart says, on its own sheet beside the picture: where it is pointed at, here or in a chart
 * that is linked, or is held; what lies between two held dates; or else the chart in one sentence. It
 * keeps its height, whatever it says.
 */
export const ReadOutStrip = ({ reading, ...chart }: ReadOutStripProps) =>
  reading && reading.positions.length > 0 ? (
    <ReadOutOf reading={reading} {...chart} />
  ) : (
    <div className="read-out" aria-hidden />
  );

function ReadOutOf({
  pointer,
  more = nothingMore,
  onMore,
  ...chart
}: ReadOutStripProps & { reading: Reading }) {
  const { reading, linked, highlight } = chart;
  const at = usePointedHere(pointer);
  const elsewhere = usePlaceElsewhere(reading, linked);
  const held = heldPlaces(reading, linked);
  const place = at?.period ?? elsewhere ?? (held.length === 1 ? held[0] : undefined);
  const isPointed = place !== undefined && !!reading.positions[place];
  const pointed: PointedChart = { ...chart, at };
  const now = useRef(pointed);
  useLayoutEffect(() => void (now.current = pointed));
  const words = useRef<HTMLDivElement>(null);
  useReachedWhereItScrolls(words);
  const [run] = useState(() => (act: ChartAct) => act.act(now.current));
  const [one, two] = held;
  return (
    <div className={at ? 'read-out here' : 'read-out'}>
      <div ref={words} className="read-out-words" role="status">
        {isPointed ? (
          <At {...{ reading, highlight }} place={place} line={at?.series ?? null} />
        ) : one !== undefined && two !== undefined ? (
          <Between {...{ reading, highlight, one, two }} />
        ) : (
          <p className="read-out-sentence quiet">{sayInOne(reading)}</p>
        )}
      </div>
      <PointedActs chart={pointed} onAct={run} {...{ more, onMore }} />
    </div>
  );
}

/** Where an element scrolls as it is now, the keyboard reaches it. */
function useReachedWhereItScrolls(element: RefObject<HTMLElement | null>) {
  useEffect(() => {
    const node = element.current;
    if (!node) return;
    const { scrollHeight, clientHeight, scrollWidth, clientWidth } = node;
    if (scrollHeight > clientHeight || scrollWidth > clientWidth)
      node.setAttribute('tabindex', '0');
    else node.removeAttribute('tabindex');
  });
}

const nothingMore: readonly MenuItem[] = [];

/** The other read-outs follow the pointer once it has been painted where it is, in milliseconds. */
const behind = 40;

/** The place that is pointed at in another chart; undefined for none. */
function usePlaceElsewhere(reading: Reading, linked: Linked | undefined): number | undefined {
  const [day, setDay] = useState<Day | null>(null);
  const { pointing, chart } = linked ?? {};
  useEffect(() => {
    let waiting: ReturnType<typeof setTimeout> | undefined;
    const follow = () => {
      clearTimeout(waiting);
      waiting = setTimeout(() => {
        const at = pointing?.current();
        setDay(at && at.chart !== chart ? at.day : null);
      }, behind);
    };
    const leave = pointing?.subscribe(follow);
    return () => {
      clearTimeout(waiting);
      leave?.();
    };
  }, [pointing, chart]);
  return day === null ? undefined : (placeOf(reading, day) ?? undefined);
}

/** The places of the dates that are held, each once, in order. */
const heldPlaces = (reading: Reading, linked: Linked | undefined): number[] =>
  [...new Set((linked?.held ?? []).flatMap((day) => placeOf(reading, day) ?? []))].sort(
    (a, b) => a - b,
  );

interface AtProps {
  reading: Reading;
  highlight: Highlight;
  place: number;
  /** the line under the pointer */
  line: string | null;
}

/** What each line says at a place; the one under the pointer and those highlighted come first. */
const At = memo(function At({ reading, highlight, place, line }: AtProps) {
  const said = useMemo(() => readOutAt(reading, place), [reading, place]);
  if (!said) return null;
  const first = ({ line: { id } }: ReadOutRow) => (id === line ? 2 : isLit(highlight, id) ? 1 : 0);
  const rows = [...said.rows].sort((a, b) => first(b) - first(a));
  const middle = reading.positions[place]?.middle ?? 0;
  return (
    <div className="read-out-rows">
      <p className="read-out-head">
        <strong>{said.label}</strong>
        {said.open && <span className="quiet"> not complete yet</span>}
        {said.onBefore && <span className="read-out-on quiet">{said.onBefore}</span>}
      </p>
      {rows.map((row) => (
        <Row
          key={row.line.id}
          {...{ row, said, middle }}
          away={isAway(highlight, row.line.id)}
          strong={row.line.id === line}
        />
      ))}
      {said.missing.length > 0 && (
        <p className="read-out-missing quiet">No figure: {said.missing.join(', ')}</p>
      )}
    </div>
  );
});

interface RowProps {
  row: ReadOutRow;
  said: ReadOut;
  middle: number;
  away: boolean;
  strong: boolean;
}

function Row({ row, said, middle, away, strong }: RowProps) {
  const { line, figure, whole, apart, judgement, change } = row;
  const colours = [colourAt(line, middle)];
  return (
    <p className={`read-out-row${strong ? ' strong' : ''}${away ? ' away' : ''}`}>
      <Named {...{ line, colours }} />
      <span className="read-out-figure" title={whole}>
        {figure}
      </span>
      <span className={`read-out-apart ${judgement ?? ''}`}>{apart}</span>
      <span className="read-out-change">
        {change}
        {change && <span className="quiet inline-only"> {said.onBefore}</span>}
      </span>
    </p>
  );
}

interface NamedProps {
  line: ReadSeries;
  /** the colours of its stroke there; its name wears the last */
  colours: readonly Colour[];
}

/** A line by its stroke and its name. */
function Named({ line, colours }: NamedProps) {
  const colour = colours.at(-1) ?? line.stroke.colour;
  return (
    <>
      <StrokeSample stroke={line.stroke} rules={colours} />
      <span className="read-out-name" style={{ color: letteredIn(colour) }} title={line.called}>
        {line.called}
      </span>
    </>
  );
}

interface BetweenProps {
  reading: Reading;
  highlight: Highlight;
  one: number;
  two: number;
}

/** What lies between two dates that are held, line by line. */
function Between({ reading, highlight, one, two }: BetweenProps) {
  const said = useMemo(() => readBetween(reading, one, two), [reading, one, two]);
  return (
    <div className="read-out-rows between">
      <p className="read-out-head">
        <strong>
          {said.labels[0]} to {said.labels[1]}
        </strong>
        {said.rows.length === 0 && <span className="quiet"> no line has a figure at both</span>}
      </p>
      {said.rows.map(({ line, one: from, two: to, change }) => (
        <p key={line.id} className={`read-out-row${isAway(highlight, line.id) ? ' away' : ''}`}>
          <Named line={line} colours={coloursWorn(line, reading)} />
          <span className="read-out-figure">{from}</span>
          <span className="read-out-figure">{to}</span>
          <span className="read-out-change">{change}</span>
        </p>
      ))}
    </div>
  );
}
